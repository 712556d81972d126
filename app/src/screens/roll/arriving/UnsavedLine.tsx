import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../../../instruments/Button';
import { useStore } from '../../../state/store';
import { atRisk, saveUnsaved, unsavedStore } from '../../../storage/unsaved';
import { COLOUR, FONT, typePx } from '../../../theme/theme';

/**
 * Says how many frames the page alone has, and saves them; nothing where there are none left to
 * save.
 */
export function UnsavedLine({ onLook }: { readonly onLook?: () => void }) {
  const count = useStore(unsavedStore, atRisk);
  const isFull = useStore(unsavedStore, (frames) => frames.at(-1)?.isFull ?? false);
  if (count === 0) return null;
  const what = count === 1 ? 'this frame waits' : `${count} frames wait`;
  return (
    <View style={styles.line} role="alert">
      <Text style={styles.text}>
        {isFull ? 'No room left' : 'Not stored'}: {what} in this page, not lost.
      </Text>
      <Button
        label={count === 1 ? 'Save' : `Save ${count}`}
        name={count === 1 ? 'Save the frame' : `Save the ${count} frames`}
        onPress={() => saveUnsaved()}
      />
      {onLook && <Button label={isFull ? 'Make room' : 'Look'} onPress={onLook} />}
    </View>
  );
}

const styles = StyleSheet.create({
  line: {
    boxShadow: '0 2px 10px rgba(0,0,0,0.6)',
    flexDirection: 'row',
    alignItems: 'center',
    gap: 8,
    padding: 4,
    paddingLeft: 8,
    backgroundColor: COLOUR.panel,
    borderLeftWidth: 5,
    borderLeftColor: COLOUR.clipped,
    borderRadius: 6,
  },
  text: {
    flex: 1,
    fontFamily: FONT.medium,
    fontSize: typePx(15),
    lineHeight: typePx(19),
    color: COLOUR.light,
  },
});
