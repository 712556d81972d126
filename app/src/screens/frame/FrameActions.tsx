import { isSameDevelopment } from '@velmo/core/recipe';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import type { ListedFrame } from '../../storage/frames/madeFrame';
import { useRolls } from '../../storage/rolls/rollQueries';
import type { Choice } from '../../storage/rolls/decision';
import { useStore } from '../../state/store';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { copiedRecipe } from '../develop/copiedRecipe';
import { developWords } from '../develop/developWords';
import { MoveChoice } from '../roll/MoveChoice';
import { rollName } from '../roll/rollWords';
import { UndoLine } from '../roll/UndoLine';
import type { Deciding } from '../roll/useDeciding';
import { reframeWords } from '../reframe/reframeWords';
import { SaveButtons } from './SaveButtons';
import type { OpenedFrame } from './useFrameView';

interface FrameActionsProps {
  readonly frame: ListedFrame;
  readonly opened: OpenedFrame;
  /** Ids of all frames of its series; none of a single frame. */
  readonly series: readonly string[];
  readonly deciding: Deciding;
  readonly onReframe: () => void;
  /** null: there is no raw. */
  readonly onDevelop: (() => void) | null;
}

/** Keeping, dropping, moving and saving a frame. */
export function FrameActions(props: FrameActionsProps) {
  const { frame, opened, series, deciding, onReframe, onDevelop } = props;
  const { record, decision } = frame;
  const { data: rolls = [] } = useRolls();
  const router = useRouter();
  const [moving, setMoving] = useState(false);
  // What is decided is taken back by the same button.
  const choose = (choice: Choice): void =>
    deciding.choose([record.id], decision.choice === choice ? null : choice);
  return (
    <>
      <View style={styles.actions}>
        <Button label="Keep" pressed={decision.choice === 'kept'} onPress={() => choose('kept')} />
        <Button
          label="Drop"
          pressed={decision.choice === 'dropped'}
          onPress={() => choose('dropped')}
        />
        {series.length > 1 && (
          <Button
            label={`Best of ${series.length} ...`}
            onPress={() => router.push({ pathname: '/best/[id]', params: { id: record.id } })}
          />
        )}
        {series.length > 1 && (
          <Button
            label={`Combine ${series.length} ...`}
            onPress={() => router.push({ pathname: '/combine', params: { series: record.id } })}
          />
        )}
        {series.length > 1 && (
          <Button
            label={`Drop all ${series.length}`}
            onPress={() => deciding.choose(series, 'dropped')}
          />
        )}
        {onDevelop && <Button label="Develop ..." disabled={!opened.summary} onPress={onDevelop} />}
        <Button label="Reframe ..." disabled={!opened.summary} onPress={onReframe} />
        <Button
          label="Deliver ..."
          onPress={() => router.push({ pathname: '/deliver', params: { ids: record.id } })}
        />
        {!moving && (
          <Button
            label={`In ${rollName(decision.roll, rolls)} ...`}
            onPress={() => setMoving(true)}
          />
        )}
        {moving && (
          <MoveChoice ids={[record.id]} deciding={deciding} onDone={() => setMoving(false)} />
        )}
      </View>
      <UndoLine deciding={deciding} hint="Swipe up to keep, down to drop, sideways to go on." />
      {decision.reframe && opened.summary && (
        <View style={styles.actions}>
          <Text
            style={styles.text}
          >{`Seen reframed: ${reframeWords(decision.reframe, opened.summary)}.`}</Text>
          <Button label="As taken" onPress={() => deciding.reframe(record.id, null)} />
        </View>
      )}
      {onDevelop && <Recipe frame={frame} deciding={deciding} />}
      <SaveButtons frame={frame} opened={opened} />
    </>
  );
}

/** How the frame is developed, and what can be done with that recipe. */
function Recipe({ frame, deciding }: Pick<FrameActionsProps, 'frame' | 'deciding'>) {
  const { id } = frame.record;
  const { development } = frame.decision;
  const copied = useStore(copiedRecipe, (recipe) => recipe);
  const isNew = copied && !(development && isSameDevelopment(copied, development));
  if (!development && !isNew) return null;
  return (
    <View style={styles.actions}>
      {development && (
        <>
          <Text style={styles.text}>{`Developed: ${developWords(development)}.`}</Text>
          <Button label="As exposed" onPress={() => deciding.develop([id], null)} />
          <Button label="Copy recipe" onPress={() => copiedRecipe.set(development)} />
        </>
      )}
      {isNew && <Button label="Use copied recipe" onPress={() => deciding.develop([id], copied)} />}
    </View>
  );
}

const styles = StyleSheet.create({
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'center' },
  text: {
    fontFamily: FONT.regular,
    fontSize: typePx(17),
    lineHeight: typePx(23),
    color: COLOUR.light,
  },
});
