import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { useStore } from '../../state/store';
import { useRemoveFrames } from '../../storage/frames/frameQueries';
import { undoStore } from '../../storage/rolls/undo';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { framesWords } from './rollWords';
import type { Deciding } from './useDeciding';

interface UndoLineProps {
  readonly deciding: Deciding;
  /** Said while there is nothing to take back. */
  readonly hint: string;
  /** Said instead of what was decided last. */
  readonly says?: string | null;
}

/** What was decided last, and the way back. */
export function UndoLine({ deciding, hint, says }: UndoLineProps) {
  const words = useStore(undoStore, ([last]) => last?.words ?? null);
  if (deciding.noRoom.length > 0) return <DeleteInstead ids={deciding.noRoom} />;
  const text = deciding.failed
    ? 'The browser did not write that. Reload the page and try again.'
    : (says ?? words ?? hint);
  return (
    <View style={styles.line}>
      <Text style={styles.text} role="status" numberOfLines={2}>
        {text}
      </Text>
      {words !== null && <Button label="Undo" name={`Undo: ${words}`} onPress={deciding.undo} />}
    </View>
  );
}

/**
 * Dropping writes a few bytes. Where there is no room for them either, deleting is what makes room.
 */
function DeleteInstead({ ids }: { readonly ids: readonly string[] }) {
  const remove = useRemoveFrames();
  const text = remove.isSuccess
    ? `${framesWords(ids.length)} deleted.`
    : remove.isError
      ? 'The browser did not delete them all. Reload the page and try again.'
      : `No room is left even to note that. Delete ${framesWords(ids.length)} for good instead? This cannot be undone.`;
  return (
    <View style={styles.line}>
      <Text style={styles.text} role="alert">
        {text}
      </Text>
      {!remove.isSuccess && (
        <Button
          label={remove.isPending ? `Deleting ${ids.length} ...` : 'Delete for good'}
          disabled={remove.isPending}
          onPress={() => remove.mutate(ids)}
        />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  line: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: 8,
    minHeight: 44,
    flexShrink: 1,
    flexGrow: 1,
  },
  text: {
    flex: 1,
    fontFamily: FONT.medium,
    fontSize: typePx(16),
    lineHeight: typePx(20),
    color: COLOUR.light,
  },
});
