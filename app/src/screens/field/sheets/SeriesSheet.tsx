import { StyleSheet, Text } from 'react-native';
import {
  formatStops,
  formatThirds,
  nominalIso,
  timeWords,
  timeSFromClick,
} from '@velmo/core/exposure';
import { distanceOf, formatDistance } from '@velmo/core/optics';
import {
  BRACKET_FRAMES,
  BRACKET_STEP_CLICKS,
  DELAYS_S,
  focusGap,
  type BracketOrder,
  type Series,
} from '@velmo/core/series';
import { Button } from '../../../instruments/Button';
import { Choice } from '../../../instruments/Choice';
import { Sheet } from '../../../instruments/Sheet';
import { useRoom } from '../../../storage/frameQueries';
import { useStore } from '../../../state/store';
import { COLOUR, FONT } from '../../../theme/theme';
import { chooseKind, changeSeries, markFocusEnd } from '../commands/seriesCommands';
import type { Foreseen } from '../series/foreseen';
import { seriesCount } from '../series/seriesCount';
import { useForeseen } from '../series/useForeseen';
import { changeSettings } from '../session/fieldSession';
import { closeSheet, fieldStore } from '../session/fieldState';
import { changePreferences } from '../session/preferencesNow';
import { framesLeft, leftDigits } from '../words/fileWords';
import { bytesWords, KIND_WORDS, whileWords } from '../words/seriesWords';

type Of<K extends Series['kind']> = Extract<Series, { kind: K }>;

/** What one press takes: its kind, its number, and when it begins. */
export function SeriesSheet() {
  const series = useStore(fieldStore, (s) => s.settings.series);
  const kinds = useStore(fieldStore, (s) => s.capabilities?.series) ?? ['single' as const];
  return (
    <Sheet title="Series" onClose={closeSheet}>
      <Choice
        label="Takes"
        options={kinds.map((kind) => ({ value: kind, label: KIND_WORDS[kind] }))}
        value={series.kind}
        onChoose={chooseKind}
      />
      {!kinds.includes('focus') && (
        <Text style={styles.about}>
          Focus steps need the lens’s aperture and focal length, which this camera does not tell.
        </Text>
      )}
      <Plan />
      <Parts series={series} />
      <Delay />
    </Sheet>
  );
}

function Parts({ series }: { series: Series }) {
  switch (series.kind) {
    case 'single':
      return null;
    case 'bracket':
      return <BracketParts series={series} />;
    case 'burst':
      return <BurstParts series={series} />;
    case 'focus':
      return <FocusParts series={series} />;
    case 'interval':
      return <IntervalParts series={series} />;
  }
}

/** Numbers offered, and the one a link brought. */
const offered = (numbers: readonly number[], now: number): number[] =>
  [...new Set([...numbers, now])].sort((a, b) => a - b);

const range = ({ min, max }: { min: number; max: number }): number[] =>
  Array.from({ length: max - min + 1 }, (_, i) => min + i);

function Frames(props: {
  numbers: readonly number[];
  now: number;
  onChoose: (frames: number) => void;
}) {
  return (
    <Choice
      label="Frames"
      options={offered(props.numbers, props.now).map((frames) => ({
        value: frames,
        label: `${frames}`,
        name: `${frames} frames`,
      }))}
      value={props.now}
      onChoose={props.onChoose}
    />
  );
}

const ORDER_WORDS: Readonly<Record<BracketOrder, string>> = {
  'middle-first': 'middle, under, over',
  'dark-first': 'dark to bright',
  'bright-first': 'bright to dark',
};

function BracketParts({ series }: { series: Of<'bracket'> }) {
  return (
    <>
      <Frames
        numbers={range(BRACKET_FRAMES)}
        now={series.frames}
        onChoose={(frames) => changeSeries({ ...series, frames })}
      />
      <Choice
        label="Apart"
        options={range(BRACKET_STEP_CLICKS).map((clicks) => ({
          value: clicks,
          label: formatThirds(clicks),
          name: `${formatStops(clicks)} apart`,
        }))}
        value={series.stepClicks}
        onChoose={(stepClicks) => changeSeries({ ...series, stepClicks })}
      />
      <Choice
        label="Order"
        options={(Object.keys(ORDER_WORDS) as BracketOrder[]).map((order) => ({
          value: order,
          label: ORDER_WORDS[order],
        }))}
        value={series.order}
        onChoose={(order) => changeSeries({ ...series, order })}
      />
    </>
  );
}

function BurstParts({ series }: { series: Of<'burst'> }) {
  return (
    <Frames
      numbers={[3, 5, 10, 20, 40, 60]}
      now={series.frames}
      onChoose={(frames) => changeSeries({ ...series, frames })}
    />
  );
}

function FocusParts({ series }: { series: Of<'focus'> }) {
  const unit = useStore(fieldStore, (s) => s.preferences.focusing.unit);
  const end = (dioptres: number): string => formatDistance(distanceOf(dioptres), unit);
  return (
    <>
      <Text style={styles.about}>
        Tap the nearest thing that must be sharp, mark it; then the farthest.
      </Text>
      <Button
        label={`Near end: ${end(series.nearDioptres)} · mark here`}
        name="Mark the near end where focus stands"
        onPress={() => markFocusEnd('near')}
      />
      <Button
        label={`Far end: ${end(series.farDioptres)} · mark here`}
        name="Mark the far end where focus stands"
        onPress={() => markFocusEnd('far')}
      />
      <Choice
        label="Overlap"
        options={offered([0, 10, 20, 30, 50], Math.round(100 * series.overlap)).map((percent) => ({
          value: percent,
          label: `${percent} %`,
          name: `Overlap ${percent} %`,
        }))}
        value={Math.round(100 * series.overlap)}
        onChoose={(percent) => changeSeries({ ...series, overlap: percent / 100 })}
      />
    </>
  );
}

function IntervalParts({ series }: { series: Of<'interval'> }) {
  return (
    <>
      <Choice
        label="Every"
        options={offered([1, 2, 5, 10, 30, 60, 300, 900, 3600], series.everyS).map((seconds) => ({
          value: seconds,
          label: whileWords(seconds),
          name: `Every ${whileWords(seconds)}`,
        }))}
        value={series.everyS}
        onChoose={(everyS) => changeSeries({ ...series, everyS })}
      />
      <Frames
        numbers={[10, 30, 60, 120, 300, 999]}
        now={series.frames}
        onChoose={(frames) => changeSeries({ ...series, frames })}
      />
      <Choice
        label="Exposure"
        options={[
          { value: 'held' as const, label: 'as the first' },
          { value: 'metered' as const, label: 'metered anew' },
        ]}
        value={series.exposure}
        onChoose={(exposure) => changeSeries({ ...series, exposure })}
      />
    </>
  );
}

function Delay() {
  const delayS = useStore(fieldStore, (s) => s.settings.delayS);
  const sound = useStore(fieldStore, (s) => s.preferences.delaySound);
  return (
    <>
      <Choice
        label="Delay"
        options={DELAYS_S.map((seconds) => ({
          value: seconds,
          label: seconds === 0 ? 'off' : `${seconds} s`,
          name: seconds === 0 ? 'Delay off' : `Delay ${seconds} s`,
        }))}
        value={delayS}
        onChoose={(seconds) => changeSettings((s) => ({ ...s, delayS: seconds }))}
      />
      {delayS > 0 && (
        <Choice
          label="Last 3 s"
          options={[
            { value: true, label: 'heard', name: 'The last three seconds are heard' },
            { value: false, label: 'silent', name: 'The last three seconds are silent' },
          ]}
          value={sound}
          onChoose={(delaySound) => changePreferences({ delaySound })}
        />
      )}
    </>
  );
}

/** What the press will make, in words: how many, where, how long, how large, and whether it fits. */
function Plan() {
  const settings = useStore(fieldStore, (s) => s.settings);
  const capabilities = useStore(fieldStore, (s) => s.capabilities);
  const count = useStore(fieldStore, seriesCount);
  const foreseen = useForeseen();
  const room = useRoom().data ?? null;
  if (!foreseen || !capabilities || foreseen.kind === 'single') return null;
  const left = framesLeft(settings, capabilities, room);
  const size = `${whileWords(foreseen.seconds)}, about ${bytesWords(foreseen.bytes)}`;
  const fits =
    left === null
      ? ''
      : left < count
        ? ` There is room for ${leftDigits(left)} frames only.`
        : ` There is room for ${leftDigits(left)} frames.`;
  return (
    <Text style={styles.plan} testID="series-plan">
      {`${planWords(settings.series, foreseen, capabilities.focus(settings)?.sharpHalfWidth ?? null)} ${size}.${fits}`}
    </Text>
  );
}

function planWords(series: Series, { frames }: Foreseen, halfWidth: number | null): string {
  switch (series.kind) {
    case 'single':
      return '';
    case 'bracket': {
      const times = frames.map(({ timeClick }) =>
        timeWords(timeSFromClick(timeClick)).replace(' s', ''),
      );
      const isos = [...new Set(frames.map(({ isoClick }) => nominalIso(isoClick)))];
      const apart = `${series.frames} frames, ${formatStops(series.stepClicks)} apart: ${times.join(', ')} s`;
      return isos.length === 1
        ? `${apart} at ISO ${isos[0]}.`
        : `${apart}. Time runs out: ISO ${frames.map(({ isoClick }) => nominalIso(isoClick)).join(', ')}.`;
    }
    case 'burst':
      return `${series.frames} frames as fast as the camera gives them. At least`;
    case 'focus': {
      const gap = halfWidth === null ? 0 : focusGap(halfWidth, series);
      return gap > 0
        ? `${frames.length} frames do not reach: gaps stay unsharp between them.`
        : `${frames.length} ${frames.length === 1 ? 'frame holds' : 'frames hold'} all of it sharp.`;
    }
    case 'interval':
      return `${series.frames} frames, one every ${whileWords(series.everyS)}.`;
  }
}

const styles = StyleSheet.create({
  about: { fontFamily: FONT.regular, fontSize: 15, lineHeight: 19, color: COLOUR.lightSoft },
  plan: { fontFamily: FONT.medium, fontSize: 16, lineHeight: 21, color: COLOUR.light },
});
