import { StyleSheet, Text, View } from 'react-native';
import type { RollListing } from '../../storage/rolls/listing';
import type { RollView } from '../../storage/rolls/rollView';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { framesWords, whichWords } from './rollWords';

interface NoFramesProps {
  readonly pending: boolean;
  readonly failed: boolean;
  readonly view: RollView;
  readonly listing: RollListing | null;
}

/** Why there is no frame to be seen. */
export function NoFrames({ pending, failed, view, listing }: NoFramesProps) {
  return (
    <View style={styles.nothing}>
      <Text style={styles.text} role={failed ? 'alert' : undefined}>
        {failed
          ? 'The frames on this device cannot be read just now: the browser does not open its storage. They may be there all the same. New frames can be made; each is kept or handed to you. Reload the page to try again.'
          : pending
            ? 'Looking for frames ...'
            : nothingWords(view, listing)}
      </Text>
    </View>
  );
}

function nothingWords(view: RollView, listing: RollListing | null): string {
  const { roll, choice } = view;
  const frames = listing?.whole.frames ?? 0;
  if (frames === 0)
    return roll === null
      ? 'No frame yet. What you expose in Field is kept here; files from elsewhere can be opened.'
      : 'Nothing in this roll yet. Tap its name for the others, or expose into it.';
  if (listing?.dropped.frames === frames && choice === 'all')
    return `All ${framesWords(frames)} here are dropped. Tap “all” above to look at them.`;
  return `None of the ${framesWords(frames)} here is like that. Tap “${whichWords(view)}” above to change it.`;
}

const styles = StyleSheet.create({
  nothing: { flex: 1, padding: 16 },
  text: {
    fontFamily: FONT.regular,
    fontSize: typePx(17),
    lineHeight: typePx(23),
    color: COLOUR.light,
  },
});
