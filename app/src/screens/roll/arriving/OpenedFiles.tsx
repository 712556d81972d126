import { StyleSheet, Text, View } from 'react-native';
import { Button } from '../../../instruments/Button';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import type { Opening } from './useOpenFiles';

const files = (n: number): string => (n === 1 ? '1 file' : `${n} files`);

/** How far opening has got, and which files could not be opened, with the reason of each. */
export function OpenedFiles({ opening: { progress, putAway } }: { readonly opening: Opening }) {
  if (!progress) return null;
  const { count, opened, failed, now } = progress;
  const words =
    now !== null
      ? `Opening ${opened + failed.length + 1} of ${count}: ${now}`
      : failed.length === 0
        ? `${files(opened)} opened.`
        : `${files(opened)} opened, ${failed.length} not: nothing of these is stored.`;
  return (
    <View style={styles.part} role="region" aria-label="Opened files">
      <View style={styles.row}>
        <Text style={styles.text} role="status">
          {words}
        </Text>
        {now === null && <Button label="Put away" onPress={putAway} />}
      </View>
      {failed.map(({ name, reason }, i) => (
        <Text key={i} style={styles.problem}>
          <Text style={styles.name}>{name}</Text>
          {`  ${reason}`}
        </Text>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  part: { padding: 12, gap: 6, backgroundColor: COLOUR.panel },
  row: { flexDirection: 'row', alignItems: 'center', gap: 12 },
  text: {
    flex: 1,
    fontFamily: FONT.medium,
    fontSize: typePx(16),
    lineHeight: typePx(21),
    color: COLOUR.light,
  },
  problem: {
    fontFamily: FONT.regular,
    fontSize: typePx(15),
    lineHeight: typePx(20),
    color: COLOUR.light,
  },
  name: { fontFamily: FONT.semibold },
});
