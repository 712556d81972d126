import { useQueryClient } from '@tanstack/react-query';
import { StyleSheet, Text, View } from 'react-native';
import { archiveStore, bringIn, putArchiveAway } from '../../../archive/openingArchive';
import { Button } from '../../../instruments/Button';
import { useStore } from '../../../state/store';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import { archiveWords } from './archiveWords';

/** So many frames are shown one by one as they come. */
const FIRST_SHOWN = 12;

/** An archive that is opened: checked first, then brought in where that is wanted. */
export function OpenedArchive() {
  const client = useQueryClient();
  const opening = useStore(archiveStore, (now) => now);
  if (!opening) return null;
  const showThem = (): void => void client.invalidateQueries({ queryKey: ['frames'] });
  const bring = (): void => {
    let shown = 0;
    // A list of thousands is not made anew with every frame.
    void bringIn(() => {
      if (++shown <= FIRST_SHOWN) showThem();
    }).then(showThem);
  };
  const isBusy = opening.state === 'checking' || opening.state === 'bringing';
  const canBring = opening.state === 'checked' && opening.checked.whole.length > opening.here;
  return (
    <View style={styles.part} role="region" aria-label="Opened archive">
      <Text style={styles.text} role={opening.state === 'failed' ? 'alert' : 'status'}>
        {archiveWords(opening)}
      </Text>
      {!isBusy && (
        <View style={styles.row}>
          {canBring && <Button label="Bring them in" onPress={bring} />}
          <Button quiet label={canBring ? 'Leave it' : 'Put away'} onPress={putArchiveAway} />
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  part: { padding: 12, gap: 6, backgroundColor: COLOUR.panel },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 },
  text: {
    fontFamily: FONT.medium,
    fontSize: typePx(16),
    lineHeight: typePx(21),
    color: COLOUR.light,
  },
});
