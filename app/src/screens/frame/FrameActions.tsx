import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import type { ListedFrame } from '../../storage/madeFrame';
import { useRolls } from '../../storage/rolls/rollQueries';
import type { Choice } from '../../storage/rolls/decision';
import { MIME_TYPES, saveToComputer } from '../../storage/save';
import { COLOUR, FONT } from '../../theme/theme';
import { MoveChoice } from '../roll/MoveChoice';
import { rollName } from '../roll/rollWords';
import { UndoLine } from '../roll/UndoLine';
import type { Deciding } from '../roll/useDeciding';
import type { OpenedFrame } from './useFrameView';

interface FrameActionsProps {
  readonly frame: ListedFrame;
  readonly opened: OpenedFrame;
  /** Ids of all frames of its series; none of a single frame. */
  readonly series: readonly string[];
  readonly deciding: Deciding;
}

/** Keeping, dropping, moving and saving a frame. */
export function FrameActions({ frame, opened, series, deciding }: FrameActionsProps) {
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
            label={`Drop all ${series.length}`}
            onPress={() => deciding.choose(series, 'dropped')}
          />
        )}
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
      <SaveButtons frame={frame} opened={opened} />
    </>
  );
}

/** A button for each of the frame's files. */
function SaveButtons({ frame: { record }, opened }: Pick<FrameActionsProps, 'frame' | 'opened'>) {
  const [problem, setProblem] = useState<string | null>(null);
  const [saving, setSaving] = useState<number | null>(null);
  const save = async (index: number): Promise<void> => {
    const file = record.files[index];
    setProblem(null);
    setSaving(index);
    try {
      const bytes = await opened.bytes(file);
      saveToComputer(file.name, new Blob([bytes], { type: MIME_TYPES[file.kind] }));
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'The file could not be read.');
    }
    setSaving(null);
  };
  return (
    <View style={styles.actions}>
      {record.files.map((file, i) => (
        <Button
          key={file.name}
          label={`${saving === i ? 'Saving' : 'Save'} ${file.kind.toUpperCase()} · ${(file.bytes / 1e6).toFixed(1)} MB`}
          disabled={saving !== null}
          onPress={() => void save(i)}
        />
      ))}
      {problem && <Text style={styles.text}>{problem}</Text>}
    </View>
  );
}

const styles = StyleSheet.create({
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: 8, alignItems: 'center' },
  text: { fontFamily: FONT.regular, fontSize: 17, lineHeight: 23, color: COLOUR.light },
});
