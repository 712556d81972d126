import { useRouter } from 'expo-router';
import { StyleSheet, Text, View } from 'react-native';
import { findNote } from '@velmo/core/notes';
import { Button } from '../../../instruments/Button';
import { Sheet } from '../../../instruments/Sheet';
import { useStore } from '../../../state/store';
import { SCREEN_TEXT } from '../../../theme/screenText';
import { NoteBody } from '../../notes/NoteBody';
import { closeSheet, fieldStore, toggleSheet } from '../session/fieldState';

/** A note beside what it explains: leads back there, and sets Field up to see it. */
export function NoteSheet() {
  const router = useRouter();
  const { id, from } = useStore(fieldStore, (s) => s.note);
  const note = findNote(id);
  if (!note)
    return (
      <Sheet title="Note" onClose={closeSheet}>
        <Text style={SCREEN_TEXT.text}>There is no such note.</Text>
      </Sheet>
    );
  const { setUp } = note;
  return (
    <Sheet title={note.title} onClose={closeSheet}>
      <NoteBody note={note} />
      <View style={styles.row}>
        {from && <Button label="‹ Back to where I was" onPress={() => toggleSheet(from)} />}
        {setUp !== undefined && (
          <Button label="Set it up" onPress={() => router.replace(`/?${setUp}`)} />
        )}
        <Button label="All notes" onPress={() => router.push(`/notes?note=${note.id}`)} />
      </View>
    </Sheet>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
