import type { WayId } from '@velmo/core/combine';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { ScrollView, StyleSheet, Text, View } from 'react-native';
import type { CombinedFacts, SeenPlace } from '../../combine/combine.worker';
import { Button } from '../../instruments/Button';
import { Choice } from '../../instruments/Choice';
import { useScreenRoom } from '../../instruments/useScreenRoom';
import { useFrameAdded } from '../../storage/frames/frameQueries';
import type { CombineRecipe } from '../../storage/frames/frameRecord';
import type { ListedFrame } from '../../storage/frames/madeFrame';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { CombinePicture } from './CombinePicture';
import {
  laidWords,
  makingWords,
  movedWords,
  paintWords,
  PICTURES_WORDS,
  PURPOSE,
  wayWords,
} from './combineWords';
import { barsOf, partsOf } from './barsOfStack';
import { AS_FOUND, Brush, NO_BRUSH } from './Brush';
import { FinishTapes } from './FinishTapes';
import { StackBars } from './StackBars';
import { useChoosing, type Choosing } from './useChoosing';
import { useCombination, type Combination } from './useCombination';
import { useCombined } from './useCombined';
import { BRUSH_RADIUS } from './useStroke';

const WIDE = 900;
/** More frames than this are counted, not drawn one by one. */
const MAX_BARS = 24;

/** Where the frames of a stack, or chosen ones, become one. */
export function CombineScreen() {
  const params = useLocalSearchParams<{ ids?: string; series?: string; again?: string }>();
  const router = useRouter();
  const back = (): void => (router.canGoBack() ? router.back() : router.replace('/frames'));
  const { frames, recipe, words } = useCombined(params);
  if (words === null)
    return (
      <Combining
        key={frames.map(({ record }) => record.id).join()}
        frames={frames}
        recipe={recipe}
        onBack={back}
      />
    );
  return (
    <View style={[styles.screen, styles.message]} role="main">
      <Text style={styles.text} role="status">
        {words}
      </Text>
      <Button label="‹ Back" onPress={back} />
    </View>
  );
}

interface CombiningProps {
  /** In the order in which they were made. */
  readonly frames: readonly ListedFrame[];
  /** How they were combined before; null: not yet. */
  readonly recipe: CombineRecipe | null;
  readonly onBack: () => void;
}

function Combining({ frames, recipe, onBack }: CombiningProps) {
  const choosing = useChoosing(frames, recipe);
  const { used, way, choices } = choosing;
  const combination = useCombination(used, choosing.kind, way, choosing.corrections);
  const { facts } = combination;
  const made = choices(facts);
  const [mask, setMask] = useState(true);
  const [brush, setBrush] = useState(NO_BRUSH);
  const router = useRouter();
  const added = useFrameAdded();
  const { width, height } = useScreenRoom();
  const wide = width >= WIDE || (width >= 640 && width > height);
  const column = wide ? Math.max(380, Math.round(width * 0.32)) : width;
  const tap = async (x: number, y: number): Promise<void> => {
    const at = facts?.moved ? await combination.movedAt(x, y) : null;
    if (at) combination.correct(choosing.takeNext(at));
  };
  const paint = async (stroke: readonly SeenPlace[]): Promise<void> => {
    const dabs = await combination.dabsAt(stroke, BRUSH_RADIUS, held);
    if (dabs.length > 0) combination.correct(choosing.paint(dabs));
  };
  const bars = barsOf(frames, choosing, facts);
  const parts = partsOf(choosing, bars);
  // Another way, or other frames: what was in hand may be gone.
  const held = brush === AS_FOUND || parts.some(({ value }) => value === brush) ? brush : NO_BRUSH;
  const paints = facts?.chosen === true && held !== NO_BRUSH;
  const make = async (): Promise<void> => {
    const frame = await combination.make(made);
    if (!frame) return;
    added(frame);
    router.replace({ pathname: '/frame/[id]', params: { id: frame.record.id } });
  };
  return (
    <View style={styles.screen} role="main">
      <View style={styles.bar}>
        <Button quiet label="‹ Back" onPress={onBack} />
        <Text style={styles.title} role="heading" numberOfLines={1}>
          {used.length === frames.length
            ? `Combine ${frames.length} frames`
            : `Combine ${used.length} of ${frames.length} frames`}
        </Text>
      </View>
      <View style={[styles.content, wide && styles.row]}>
        <CombinePicture
          combination={combination}
          finish={made.finish}
          mask={mask}
          size={frames[0].record}
          width={wide ? width - column : width}
          height={wide ? Math.max(160, height - 44) : Math.round(height * 0.38)}
          onTap={(x, y) => void tap(x, y)}
          onStroke={paints ? (stroke) => void paint(stroke) : null}
        />
        <View style={[styles.controls, { width: column }]}>
          <ScrollView contentContainerStyle={styles.column}>
            <Says combination={combination} choosing={choosing} />
            <Ways choosing={choosing} />
            <MaskShown facts={facts} shown={mask} onShow={setMask} />
            {facts?.chosen && <Brush parts={parts} brush={held} onBrush={setBrush} />}
            {frames.length <= MAX_BARS && (
              <StackBars bars={bars} leftOut={choosing.leftOut} onToggle={choosing.toggle} />
            )}
            {made.finish && <FinishTapes finish={made.finish} onFinish={choosing.setFinish} />}
            {choosing.kind === 'picture' ? (
              <Text style={styles.about}>{PICTURES_WORDS}</Text>
            ) : (
              <RawKind
                floating={made.floating}
                fitsWhole={facts?.fitsWhole ?? true}
                onChoose={choosing.setFloats}
              />
            )}
          </ScrollView>
          <MakeBar combination={combination} onMake={() => void make()} />
        </View>
      </View>
    </View>
  );
}

interface ChoosingProps {
  readonly choosing: Choosing;
}

/** What was found, or what the way does. */
const found = (facts: CombinedFacts | null, way: WayId, frames: number): string =>
  facts?.chosen ? paintWords(way) : movedWords(facts?.moved ?? null) || wayWords(way, frames);

/** What is being done, what was found, or what is wrong. */
function Says({ combination, choosing }: ChoosingProps & { readonly combination: Combination }) {
  const { facts, reading, problem } = combination;
  const { used, taken, way } = choosing;
  const read = reading === null ? used.length : Math.min(used.length, reading + 1);
  const words =
    problem ??
    (reading !== null
      ? `Reading frame ${read} of ${used.length} ...`
      : (taken ?? found(facts, way, used.length)));
  const laid =
    facts && !problem && !taken
      ? laidWords(facts.aligned && way !== 'stars', facts.leftOut.map(choosing.numberOf))
      : '';
  return (
    <Text style={styles.text} role={problem ? 'alert' : 'status'}>
      {laid ? `${laid} ${words}` : words}
    </Text>
  );
}

function Ways({ choosing }: ChoosingProps) {
  const { ways, way, setWay, used } = choosing;
  return (
    <>
      <Choice
        label="For"
        unlabelled
        options={ways.map((id) => ({ value: id, label: PURPOSE[id] }))}
        value={way}
        onChoose={setWay}
      />
      {(way === 'merge' || way === 'focus') && (
        <Text style={styles.about}>{wayWords(way, used.length)}</Text>
      )}
    </>
  );
}

interface MaskShownProps {
  readonly facts: CombinedFacts | null;
  readonly shown: boolean;
  readonly onShow: (shown: boolean) => void;
}

/** Whether what was decided by place lies over the picture. */
function MaskShown({ facts, shown, onShow }: MaskShownProps) {
  if (!facts?.chosen && !facts?.moved) return null;
  const [label, seen] = facts.chosen ? ['Taken', 'in colours'] : ['Moved', 'hatched'];
  return (
    <Choice
      label={label}
      options={[
        { value: true, label: seen, name: `${label}: ${seen}` },
        { value: false, label: 'not shown', name: `${label}: not shown` },
      ]}
      value={shown}
      onChoose={onShow}
    />
  );
}

interface RawKindProps {
  readonly floating: boolean;
  readonly fitsWhole: boolean;
  readonly onChoose: (floating: boolean) => void;
}

/** What numbers the raw is made of. */
function RawKind({ floating, fitsWhole, onChoose }: RawKindProps) {
  return (
    <>
      <Choice
        label="Raw"
        options={[
          { value: false, label: '16 bits', name: 'Raw: 16 bits' },
          { value: true, label: 'floating point', name: 'Raw: floating point' },
        ]}
        value={floating}
        onChoose={onChoose}
      />
      {!fitsWhole && (
        <Text style={styles.about}>
          {floating
            ? 'The range is longer than 16 bits hold; floating point holds it all. Few older developers open it.'
            : 'The range is longer than 16 bits hold: the deepest shadows lose their steps.'}
        </Text>
      )}
    </>
  );
}

interface MakeBarProps {
  readonly combination: Combination;
  readonly onMake: () => void;
}

/** Makes the frame at full size; says how far it is, and stops. */
function MakeBar({ combination, onMake }: MakeBarProps) {
  const { making } = combination;
  if (!making)
    return (
      <View style={styles.making}>
        <Button
          label="Make the frame"
          disabled={!combination.facts || combination.reading !== null}
          onPress={onMake}
        />
      </View>
    );
  return (
    <View style={styles.making}>
      <View style={styles.track}>
        <View style={[styles.done, { width: `${100 * making.share}%` }]} />
      </View>
      <Text style={styles.text} role="status">
        {makingWords(making.share, making.elapsedS)}
      </Text>
      <Button label="Stop" onPress={combination.stop} />
    </View>
  );
}

const styles = StyleSheet.create({
  screen: { flex: 1, backgroundColor: COLOUR.body },
  message: { alignItems: 'center', justifyContent: 'center', gap: 16, padding: 24 },
  bar: { height: 44, flexDirection: 'row', alignItems: 'center', gap: 8 },
  title: { flex: 1, fontFamily: FONT.medium, fontSize: typePx(16), color: COLOUR.light },
  content: { flex: 1 },
  row: { flexDirection: 'row' },
  controls: { flex: 1 },
  column: { padding: 12, gap: 10 },
  text: {
    fontFamily: FONT.medium,
    fontSize: typePx(16),
    lineHeight: typePx(21),
    color: COLOUR.light,
  },
  about: {
    fontFamily: FONT.regular,
    fontSize: typePx(15),
    lineHeight: typePx(19),
    color: COLOUR.lightSoft,
  },
  making: { gap: 8, padding: 12, backgroundColor: COLOUR.panel },
  track: { height: 6, borderRadius: 3, backgroundColor: COLOUR.body, overflow: 'hidden' },
  done: { height: 6, backgroundColor: COLOUR.paper },
});
