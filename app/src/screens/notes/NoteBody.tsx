import { Text } from 'react-native';
import type { Note } from '@velmo/core/notes';
import { NoteFigure } from '../../instruments/ladder/NoteFigure';
import { SCREEN_TEXT } from '../../theme/screenText';

/** A note's figure, what it says, and where it is published. */
export function NoteBody({ note: { id, text, figure, source } }: { readonly note: Note }) {
  return (
    <>
      <NoteFigure key={id} figure={figure} />
      {text.map((paragraph) => (
        <Text key={paragraph} style={SCREEN_TEXT.text}>
          {paragraph}
        </Text>
      ))}
      <Text style={SCREEN_TEXT.about}>{source}</Text>
    </>
  );
}
