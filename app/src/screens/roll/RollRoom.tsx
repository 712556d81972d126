import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../../instruments/Button';
import { useRoom } from '../../storage/frames/frameQueries';
import type { RollListing } from '../../storage/rolls/listing';
import { useRolls } from '../../storage/rolls/rollQueries';
import { wholeRoll, type RollView } from '../../storage/rolls/rollView';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { leftDigits } from '../field/words/fileWords';
import { bytesWords } from '../field/words/seriesWords';
import { framesWords } from './rollWords';

interface RollRoomProps {
  readonly view: RollView;
  readonly listing: RollListing;
  readonly onView: (view: RollView) => void;
}

/** What the roll takes, what its dropped frames would give back, and what is left on the device. */
export function RollRoom({ view, listing, onView }: RollRoomProps) {
  const { data: room } = useRoom();
  const { data: rolls = [] } = useRolls();
  const { whole, dropped } = listing;
  const free = room ? Math.max(0, room.quotaBytes - room.usedBytes) : null;
  const each = whole.frames > 0 ? whole.bytes / whole.frames : 0;
  const everywhere = rolls.reduce((sum, roll) => sum + roll.dropped.bytes, 0);
  return (
    <View style={styles.room}>
      <Text style={styles.text}>
        {whole.frames === 0
          ? 'Nothing here yet.'
          : `${framesWords(whole.frames)} here take ${bytesWords(whole.bytes)}.`}
      </Text>
      <Text style={styles.text}>
        {dropped.frames === 0
          ? 'None of them is dropped.'
          : `${framesWords(dropped.frames)} of them dropped: ${bytesWords(dropped.bytes)} once emptied.`}
        {everywhere > dropped.bytes && ` In all rolls together: ${bytesWords(everywhere)}.`}
      </Text>
      <Text style={styles.text}>
        {free === null
          ? 'This browser does not say how much room is left.'
          : `${bytesWords(free)} left on this device${each > 0 ? `: about ${leftDigits(Math.floor(free / each))} frames like these` : ''}.`}
      </Text>
      {dropped.frames > 0 && view.choice !== 'dropped' && (
        <View style={styles.actions}>
          <Button
            label="Look at the dropped"
            onPress={() => onView({ ...wholeRoll(view.roll), choice: 'dropped' })}
          />
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  room: { gap: 8 },
  actions: { flexDirection: 'row' },
  text: {
    fontFamily: FONT.regular,
    fontSize: typePx(16),
    lineHeight: typePx(22),
    color: COLOUR.light,
  },
});
