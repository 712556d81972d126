import { StyleSheet, View } from 'react-native';
import { StatusPart } from '../../instruments/StatusPart';
import { useRoom } from '../../storage/frames/frameQueries';
import type { RollSummary } from '../../storage/rolls/catalogue';
import type { RollListing } from '../../storage/rolls/listing';
import type { RollView } from '../../storage/rolls/rollView';
import { bytesWords } from '../field/words/seriesWords';
import type { OpenRollSheet } from './RollSheets';
import { framesWords, ORDER_WORDS, rollName, whichWords } from './rollWords';

interface RollStatusProps {
  readonly rolls: readonly RollSummary[];
  readonly view: RollView;
  readonly listing: RollListing | null;
  readonly sheet: OpenRollSheet | null;
  readonly onToggle: (sheet: OpenRollSheet) => void;
}

/** Which roll, what of it, in which order, and the room it takes. */
export function RollStatus({ rolls, view, listing, sheet, onToggle }: RollStatusProps) {
  const { data: room } = useRoom();
  const whole = listing?.whole ?? { frames: 0, bytes: 0 };
  const shown = listing && listing.shown.frames < whole.frames ? listing.shown.frames : null;
  const count =
    shown === null ? framesWords(whole.frames) : `${shown} of ${framesWords(whole.frames)}`;
  const free = room ? Math.max(0, room.quotaBytes - room.usedBytes) : null;
  return (
    <View style={styles.status}>
      <StatusPart
        top={rollName(view.roll, rolls)}
        below={`${listing ? count : '…'} ▾`}
        name="Roll"
        open={sheet === 'rolls'}
        onPress={() => onToggle('rolls')}
        wide
      />
      <StatusPart
        top={whichWords(view)}
        below={`${ORDER_WORDS[view.order]} ▾`}
        name="Which"
        open={sheet === 'which'}
        onPress={() => onToggle('which')}
      />
      <StatusPart
        top={whole.bytes > 0 ? bytesWords(whole.bytes) : 'empty'}
        below={free === null ? 'room ▾' : `room ${bytesWords(free)} ▾`}
        name="Room"
        open={sheet === 'room'}
        onPress={() => onToggle('room')}
        steady
      />
    </View>
  );
}

const styles = StyleSheet.create({
  status: { height: 48, flexDirection: 'row', alignItems: 'center', paddingHorizontal: 4, gap: 2 },
});
