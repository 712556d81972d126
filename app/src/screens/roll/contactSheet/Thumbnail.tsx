import { useRouter } from 'expo-router';
import { Pressable, StyleSheet, Text } from 'react-native';
import { sourceWords, summaryWords } from '../../../storage/frames/frameWords';
import { stackCount, type Stack } from '../../../storage/frames/stacks';
import { COLOUR, FONT, typePx } from '../../../theme/theme';
import { FramedThumbnail } from './FramedThumbnail';

interface ThumbnailProps {
  /** A frame, or the frames of a series. */
  readonly stack: Stack;
  readonly size: number;
}

/**
 * A frame as a small picture that opens it; the frames of a series lie under their first, with
 * offset edges and their number.
 */
export function Thumbnail({ stack, size }: ThumbnailProps) {
  const router = useRouter();
  const [frame] = stack.frames;
  const { record } = frame;
  const count = stackCount(stack);
  const open = (): void => router.push({ pathname: '/frame/[id]', params: { id: record.id } });
  // A link answers Enter only where it has an address, and Space nowhere: both are keys people
  // press.
  const onKey = (event: React.KeyboardEvent): void => {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    open();
  };
  const keys = { onKeyDown: onKey } as object;
  return (
    <Pressable
      role="link"
      aria-label={`${count ? `Series of ${count} frames` : 'Frame'} ${sourceWords(record)}, ${summaryWords(record)}`}
      onPress={open}
      style={[styles.thumb, { width: size, height: size }, count !== '' && styles.stacked]}
      {...keys}
    >
      <FramedThumbnail frame={frame} width={size} height={size} fit="cover" />
      {count !== '' && <Text style={styles.count}>{count}</Text>}
    </Pressable>
  );
}

const styles = StyleSheet.create({
  thumb: { borderRadius: 6, overflow: 'hidden', backgroundColor: COLOUR.panel },
  stacked: {
    borderTopRightRadius: 0,
    borderRightWidth: 3,
    borderTopWidth: 3,
    borderColor: COLOUR.lightSoft,
    boxShadow: `3px -3px 0 -1px ${COLOUR.panel}, 4px -4px 0 0 ${COLOUR.lightSoft}`,
  },
  count: {
    position: 'absolute',
    left: 0,
    bottom: 0,
    paddingHorizontal: 5,
    borderTopRightRadius: 4,
    backgroundColor: COLOUR.paper,
    fontFamily: FONT.semibold,
    fontSize: typePx(14),
    lineHeight: typePx(18),
    color: COLOUR.ink,
    fontVariant: ['tabular-nums'],
  },
});
