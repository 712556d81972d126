import { Pressable, StyleSheet, Text } from 'react-native';
import { useStore } from '../../../state/store';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import { fieldStore, toggleSheet } from '../session/fieldState';
import { KIND_WORDS } from '../words/seriesWords';
import { seriesCount } from './seriesCount';

/** What one press takes, and its delay; opens the sheet that says more. */
export function SeriesButton({ height }: { height: number }) {
  const open = useStore(fieldStore, (s) => s.sheet === 'series');
  const kind = useStore(fieldStore, (s) => s.settings.series.kind);
  const delayS = useStore(fieldStore, (s) => s.settings.delayS);
  const count = useStore(fieldStore, seriesCount);
  const number = kind === 'single' || kind === 'long' ? '' : String(count);
  const delay = delayS > 0 ? `${delayS} s` : '';
  const below = [number, delay].filter(Boolean).join(' · ') || '▾';
  // One text: what is seen is what is heard.
  const words = `${kind === 'focus' ? 'focus' : KIND_WORDS[kind]}\n${below}`;
  return (
    <Pressable
      role="button"
      aria-label={`Series: ${words.replace('\n', ' ')}`}
      aria-expanded={open}
      onPress={() => toggleSheet('series')}
      style={[styles.button, { height }]}
      testID="series"
    >
      <Text style={styles.words} numberOfLines={2}>
        {words}
      </Text>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  button: {
    width: 60,
    borderRadius: 6,
    borderWidth: 1,
    borderColor: COLOUR.lightSoft,
    justifyContent: 'center',
    alignItems: 'center',
  },
  words: {
    fontFamily: FONT.medium,
    fontSize: typePx(15),
    lineHeight: typePx(18),
    textAlign: 'center',
    color: COLOUR.light,
    fontVariant: ['tabular-nums'],
  },
});
