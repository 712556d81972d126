import { useLocalSearchParams, useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { Pressable, ScrollView, StyleSheet, Text, View } from 'react-native';
import type { Note } from '@velmo/core/notes';
import { Button } from '../../instruments/Button';
import { TypedText } from '../../instruments/TypedText';
import { COLOUR, FONT, TARGET, typePx } from '../../theme/theme';
import { SCREEN_TEXT } from '../../theme/screenText';
import { setUpLink } from '../field/session/link/setUpLink';
import { foundNotes } from './foundNotes';
import { NoteBody } from './NoteBody';
import { printNotes } from './printNotes';

/** All notes: looked for by their words, opened one at a time, printed. */
export function NotesScreen() {
  const router = useRouter();
  const { note } = useLocalSearchParams<{ note?: string }>();
  const [open, setOpen] = useState<string | null>(note ?? null);
  const [wanted, setWanted] = useState('');
  const found = foundNotes(wanted);
  const back = (): void => (router.canGoBack() ? router.back() : router.replace('/'));
  return (
    <View style={styles.screen} role="main">
      <View style={styles.bar}>
        <Button quiet label="‹ Back" onPress={back} />
        <Text style={styles.title} role="heading">
          Notes
        </Text>
        <Button label="Drills" onPress={() => router.push('/drills')} />
        <TypedText
          label="Look for notes"
          placeholder="look for ..."
          value={wanted}
          onChangeText={setWanted}
        />
      </View>
      <ScrollView contentContainerStyle={styles.content}>
        {found.map((item) => (
          <ListedNote
            key={item.id}
            note={item}
            isOpen={item.id === open}
            isSought={item.id === note}
            onToggle={() => setOpen(item.id === open ? null : item.id)}
          />
        ))}
        {found.length > 0 ? (
          <View style={styles.row}>
            <Button
              label={found.length === 1 ? 'Print this note' : `Print these ${found.length} notes`}
              onPress={() => printNotes(found)}
            />
          </View>
        ) : (
          <Text style={SCREEN_TEXT.text}>No note has all of these words.</Text>
        )}
      </ScrollView>
    </View>
  );
}

interface ListedNoteProps {
  readonly note: Note;
  readonly isOpen: boolean;
  /** The list was opened for it. */
  readonly isSought: boolean;
  readonly onToggle: () => void;
}

function ListedNote({ note, isOpen, isSought, onToggle }: ListedNoteProps) {
  const router = useRouter();
  const body = useRef<View>(null);
  useEffect(() => {
    if (isSought) (body.current as unknown as HTMLElement).scrollIntoView({ block: 'start' });
  }, [isSought]);
  const { setUp } = note;
  return (
    <View ref={body} style={styles.note}>
      <Pressable role="button" aria-expanded={isOpen} onPress={onToggle} style={styles.head}>
        <Text style={styles.name}>{note.title}</Text>
      </Pressable>
      {isOpen && (
        <View style={styles.body}>
          <NoteBody note={note} />
          {setUp !== undefined && (
            <View style={styles.row}>
              <Button
                label="Set it up in Field"
                onPress={() => router.dismissTo(setUpLink(setUp))}
              />
            </View>
          )}
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  screen: { flex: 1, backgroundColor: COLOUR.body },
  bar: { flexDirection: 'row', alignItems: 'center', gap: 8, padding: 8 },
  title: { fontFamily: FONT.semibold, fontSize: typePx(19), color: COLOUR.light },
  content: { padding: 8, gap: 6, maxWidth: 720, width: '100%', alignSelf: 'center' },
  note: { backgroundColor: COLOUR.panel, borderRadius: 6 },
  head: { minHeight: TARGET, justifyContent: 'center', paddingHorizontal: 12 },
  name: { fontFamily: FONT.medium, fontSize: typePx(17), color: COLOUR.light },
  body: { gap: 8, padding: 12, paddingTop: 0 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
});
