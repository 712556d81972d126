import { useRouter } from 'expo-router';
import { StyleSheet, Text, View } from 'react-native';
import { findNote } from '@velmo/core/notes';
import { Button } from '../../../instruments/Button';
import { Sheet } from '../../../instruments/Sheet';
import { useStore } from '../../../state/store';
import { SCREEN_TEXT } from '../../../theme/screenText';
import { COLOUR } from '../../../theme/theme';
import { NoteBody } from '../../notes/NoteBody';
import {
  closeSheet,
  fieldStore,
  readingsStore,
  toggleSheet,
  type WhyPart,
} from '../session/fieldState';
import { setUpLink } from '../session/link/setUpLink';
import { whyWords } from '../words/whyWords';

/** A note beside what it explains: leads back there, and sets Field up to see it. */
export function NoteSheet() {
  const router = useRouter();
  const { id, from, about } = useStore(fieldStore, (s) => s.note);
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
      {about && <Why part={about} />}
      <NoteBody note={note} />
      <View style={styles.row}>
        {from && <Button label="‹ Back to where I was" onPress={() => toggleSheet(from)} />}
        {setUp !== undefined && (
          <Button label="Set it up" onPress={() => router.replace(setUpLink(setUp))} />
        )}
        <Button label="All notes" onPress={() => router.push(`/notes?note=${note.id}`)} />
      </View>
    </Sheet>
  );
}

/** Where the number that was asked comes from, as it stands now. */
function Why({ part }: { readonly part: WhyPart }) {
  const answer = (): string => whyWords(part, fieldStore.get(), readingsStore.get());
  useStore(fieldStore, answer);
  const words = useStore(readingsStore, answer);
  return (
    <View style={styles.why} testID="why">
      <Text style={SCREEN_TEXT.text}>{words}</Text>
    </View>
  );
}

const styles = StyleSheet.create({
  why: { borderLeftWidth: 4, borderLeftColor: COLOUR.paper, paddingLeft: 10 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
