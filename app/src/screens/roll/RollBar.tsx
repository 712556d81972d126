import type { Development } from '@velmo/core/recipe';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { FileButton } from '../../instruments/FileButton';
import { useScreenRoom } from '../../instruments/useScreenRoom';
import { useRemoveFrames } from '../../storage/frames/frameQueries';
import { droppedIn } from '../../storage/frames/frames';
import type { Amount } from '../../storage/rolls/listing';
import { paramsOfView, type RollView } from '../../storage/rolls/rollView';
import { useStore } from '../../state/store';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { bytesWords } from '../field/words/seriesWords';
import { comparedParams, MAX_COMPARED } from '../compare/compared';
import { copiedRecipe } from '../develop/copiedRecipe';
import { MoveChoice } from './MoveChoice';
import { framesWords } from './rollWords';
import { UndoLine } from './UndoLine';
import type { Deciding } from './useDeciding';

/** Kinds of files that can be opened. */
const ACCEPTED = '.dng,.jpg,.jpeg,.png,.tif,.tiff,.zip,image/*';

interface RollBarProps {
  /** Ids of the chosen frames; null while none are chosen. */
  readonly chosen: ReadonlySet<string> | null;
  readonly onChoosing: (on: boolean) => void;
  readonly canChoose: boolean;
  /** What is dropped in this roll, while that is looked at. */
  readonly dropped: Amount | null;
  readonly view: RollView;
  readonly deciding: Deciding;
  readonly onField: () => void;
  readonly onFiles: (files: readonly File[]) => void;
}

/** From this width on words and buttons stand side by side. */
const WIDE = 700;

const HINT = 'Open a frame: up keeps, down drops, sideways goes on. Or choose several.';

/** What can be done with the frames of a roll. */
export function RollBar(props: RollBarProps) {
  const { chosen, onChoosing, canChoose, dropped, view, deciding, onField, onFiles } = props;
  const [moving, setMoving] = useState(false);
  const wide = useScreenRoom().width >= WIDE;
  if (chosen && moving)
    return (
      <View style={styles.bar}>
        <MoveChoice
          ids={[...chosen]}
          deciding={deciding}
          onDone={() => {
            setMoving(false);
            onChoosing(false);
          }}
        />
      </View>
    );
  const choose = (choice: 'kept' | 'dropped' | null): void => {
    deciding.choose([...chosen!], choice);
    onChoosing(false);
  };
  return (
    <View style={[styles.bar, wide && styles.wide]}>
      <UndoLine
        deciding={deciding}
        hint={HINT}
        says={
          chosen && (chosen.size === 0 ? 'Tap the frames.' : `${framesWords(chosen.size)} chosen`)
        }
      />
      {chosen ? (
        <View style={styles.actions}>
          <Button label="Keep" disabled={chosen.size === 0} onPress={() => choose('kept')} />
          <Button label="Drop" disabled={chosen.size === 0} onPress={() => choose('dropped')} />
          <Button label="Undecided" disabled={chosen.size === 0} onPress={() => choose(null)} />
          <Button label="Move ..." disabled={chosen.size === 0} onPress={() => setMoving(true)} />
          <UseRecipe
            disabled={chosen.size === 0}
            onUse={(recipe) => {
              deciding.develop([...chosen], recipe);
              onChoosing(false);
            }}
          />
          {chosen.size >= 2 && <CombineButton ids={[...chosen]} />}
          {chosen.size >= 2 && chosen.size <= MAX_COMPARED && <CompareButton ids={[...chosen]} />}
          {chosen.size > 0 && <DeliverButton params={{ ids: [...chosen].sort().join(',') }} />}
          <Button quiet label="Done" onPress={() => onChoosing(false)} />
        </View>
      ) : (
        <View style={styles.actions}>
          <Button label="To Field" onPress={onField} />
          <FileButton
            label="Open files ..."
            accept={ACCEPTED}
            testID="open-files"
            onFiles={onFiles}
          />
          {/* What is known later comes later: nothing moves under a finger. */}
          {canChoose && <Button label="Choose" onPress={() => onChoosing(true)} />}
          {canChoose && <DeliverButton params={paramsOfView(view)} />}
          {dropped && dropped.frames > 0 && <Empty amount={dropped} roll={view.roll} />}
        </View>
      )}
    </View>
  );
}

/** Develops the chosen frames by the recipe that was copied from another. */
function UseRecipe(props: {
  readonly disabled: boolean;
  readonly onUse: (recipe: Development) => void;
}) {
  const copied = useStore(copiedRecipe, (recipe) => recipe);
  if (!copied) return null;
  return (
    <Button
      label="Use copied recipe"
      disabled={props.disabled}
      onPress={() => props.onUse(copied)}
    />
  );
}

/** Leads to the chosen frames, two to four, compared; the one made first is A. */
function CompareButton({ ids }: { readonly ids: readonly string[] }) {
  const router = useRouter();
  const params = comparedParams([...ids].sort());
  return <Button label="Compare" onPress={() => router.push({ pathname: '/compare', params })} />;
}

/** Leads to the chosen frames on their way to become one. */
function CombineButton({ ids }: { readonly ids: readonly string[] }) {
  const router = useRouter();
  const params = { ids: [...ids].sort().join(',') };
  return (
    <Button label="Combine ..." onPress={() => router.push({ pathname: '/combine', params })} />
  );
}

/** Leads to handing frames over: those chosen, or what the roll shows. */
function DeliverButton({ params }: { readonly params: Record<string, string | undefined> }) {
  const router = useRouter();
  return (
    <Button label="Deliver ..." onPress={() => router.push({ pathname: '/deliver', params })} />
  );
}

/** Deletes what is dropped, for good, once it has been said how much that is. */
function Empty({ amount, roll }: { readonly amount: Amount; readonly roll: string | null }) {
  const [asking, setAsking] = useState(false);
  const [failed, setFailed] = useState(false);
  const remove = useRemoveFrames();
  const empty = async (): Promise<void> => {
    setFailed(false);
    try {
      await remove.mutateAsync(await droppedIn(roll));
    } catch {
      setFailed(true);
    }
    setAsking(false);
  };
  if (!asking)
    return (
      <>
        <Button label="Empty the dropped ..." onPress={() => setAsking(true)} />
        {failed && (
          <Text style={styles.text} role="alert">
            The browser did not delete them all. Reload the page and try again.
          </Text>
        )}
      </>
    );
  return (
    <View style={styles.actions}>
      <Text style={styles.text}>
        {`Delete ${framesWords(amount.frames)}, ${bytesWords(amount.bytes)}, for good? This cannot be undone.`}
      </Text>
      <Button
        label={remove.isPending ? `Deleting ${amount.frames} ...` : 'Delete for good'}
        disabled={remove.isPending}
        onPress={() => void empty()}
      />
      <Button label="Leave them" onPress={() => setAsking(false)} />
    </View>
  );
}

const styles = StyleSheet.create({
  bar: { paddingHorizontal: 10, paddingBottom: 6, backgroundColor: COLOUR.panel },
  wide: { flexDirection: 'row', alignItems: 'center', gap: 12, paddingTop: 6 },
  actions: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 6 },
  text: {
    fontFamily: FONT.medium,
    fontSize: typePx(16),
    lineHeight: typePx(21),
    color: COLOUR.light,
  },
});
