import { StyleSheet, Text, View } from 'react-native';
import { batteryStore } from '../../../engine/battery';
import { Button } from '../../../instruments/Button';
import { useStore } from '../../../state/store';
import { useAskToKeep, useStorageKept } from '../../../storage/storageKept';
import { SHEET_TEXT } from '../../../theme/sheetText';
import { batteryWords } from '../words/stateWords';

/** What a day's work hangs on besides light: whether frames stay, and how long the phone lasts. */
export function StatePart() {
  const battery = useStore(batteryStore, (b) => b);
  const { data: kept = null } = useStorageKept();
  const ask = useAskToKeep();
  return (
    <View style={styles.part} testID="state">
      <Text style={[SHEET_TEXT.about, styles.words]}>
        {battery
          ? `${sentence(batteryWords(battery))}. `
          : 'This browser does not tell the battery. '}
        {KEPT[String(kept)]}
        {ask.data === false && ' It was asked, and promised nothing: save frames to the computer.'}
      </Text>
      {kept === false && ask.data !== false && (
        <Button label="Ask it to keep them" onPress={() => ask.mutate()} />
      )}
    </View>
  );
}

const KEPT: Readonly<Record<string, string>> = {
  true: 'The browser has promised to keep what is stored here.',
  false: 'The browser may clear what is stored here when the device runs out of room.',
  null: 'Whether the browser keeps what is stored here it does not tell.',
};

const sentence = (words: string): string => words[0].toUpperCase() + words.slice(1);

const styles = StyleSheet.create({
  part: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: 8 },
  words: { flexShrink: 1 },
});
