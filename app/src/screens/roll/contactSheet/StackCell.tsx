import { memo } from 'react';
import { Pressable, StyleSheet, Text, View } from 'react-native';
import { useFrame } from '../../../storage/frames/frameQueries';
import { sourceWords, summaryWords } from '../../../storage/frames/frameWords';
import type { ListedStack } from '../../../storage/rolls/listing';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import { FramedThumbnail } from './FramedThumbnail';
import { Notch } from './Notch';
import { stackWords } from '../rollWords';

interface StackCellProps {
  readonly stack: ListedStack;
  /** Its place in the roll, which keys go by. */
  readonly index: number;
  readonly width: number;
  readonly height: number;
  /** Null while no frames are chosen. */
  readonly chosen: boolean | null;
  readonly onPress: (index: number) => void;
  readonly onReached: (index: number) => void;
  /** Keys reach this one first. */
  readonly first: boolean;
}

/** A frame of the contact sheet, or the first of a series with the edges of the others under it. */
export const StackCell = memo(function StackCell(props: StackCellProps) {
  const { stack, index, width, height, chosen, onPress, onReached, first } = props;
  const { data: frame } = useFrame(stack.ids[0]);
  const words = stackWords(stack);
  const choice = stack.choice ?? (stack.ids.length === 1 ? frame?.decision.choice : null) ?? null;
  const facts = frame ? `${sourceWords(frame.record)}, ${summaryWords(frame.record)}` : '';
  const name = `${words === '' ? 'Frame' : `Series ${words},`} ${facts}${choice ? `, ${choice}` : ''}`;
  const press = (): void => onPress(index);
  // A link answers Enter only where it has an address, and Space nowhere: both are keys people
  // press.
  const onKeyDown = (event: React.KeyboardEvent): void => {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    press();
  };
  return (
    <Pressable
      role={chosen === null ? 'link' : 'checkbox'}
      aria-checked={chosen ?? undefined}
      aria-label={name}
      tabIndex={first ? 0 : -1}
      onPress={press}
      onFocus={() => onReached(index)}
      style={[{ width, height }, styles.cell]}
      {...({ onKeyDown, dataSet: { cell: index } } as object)}
    >
      {words !== '' && <View style={styles.under} />}
      <View style={[styles.picture, words !== '' && styles.stacked]}>
        {frame && (
          <FramedThumbnail
            frame={frame}
            width={width - 2 * PADDING - (words === '' ? 0 : UNDER)}
            height={height - 2 * PADDING - (words === '' ? 0 : UNDER)}
            fit="contain"
          />
        )}
        {frame === null && <Text style={styles.missing}>not readable</Text>}
        <Notch choice={choice} />
        {words !== '' && <Text style={styles.words}>{words}</Text>}
      </View>
      {chosen === true && (
        <View style={styles.chosen}>
          <View style={styles.within} />
        </View>
      )}
    </Pressable>
  );
});

/** Around each picture, and what is seen of those that lie under it. */
const PADDING = 2;
const UNDER = 5;

const styles = StyleSheet.create({
  cell: { padding: PADDING },
  // Light and dark, so that it is seen on every picture.
  chosen: {
    position: 'absolute',
    left: 0,
    top: 0,
    right: 0,
    bottom: 0,
    borderWidth: 4,
    borderColor: COLOUR.paper,
    pointerEvents: 'none',
  },
  within: { flex: 1, borderWidth: 3, borderColor: COLOUR.ink },
  picture: { flex: 1, overflow: 'hidden', backgroundColor: '#161616' },
  stacked: { marginRight: UNDER, marginBottom: UNDER },
  under: {
    position: 'absolute',
    right: 2,
    bottom: 2,
    left: 8,
    top: 8,
    backgroundColor: COLOUR.line,
    borderRightWidth: 1,
    borderBottomWidth: 1,
    borderColor: COLOUR.lightSoft,
  },
  missing: { padding: 8, fontFamily: FONT.regular, fontSize: typePx(14), color: COLOUR.lightSoft },
  words: {
    position: 'absolute',
    left: 0,
    bottom: 0,
    paddingHorizontal: 6,
    paddingVertical: 1,
    backgroundColor: 'rgba(22,22,22,0.85)',
    fontFamily: FONT.medium,
    fontSize: typePx(14),
    lineHeight: typePx(19),
    color: COLOUR.light,
    fontVariant: ['tabular-nums'],
  },
});
