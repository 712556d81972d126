import { useRouter } from 'expo-router';
import { Pressable, StyleSheet, Text, View } from 'react-native';
import { useNewestFrames } from '../../storage/frames/frameQueries';
import { exposureWords } from '../../storage/frames/frameWords';
import { stacksOf } from '../../storage/frames/stacks';
import { COLOUR, FONT, typePx } from '../../theme/theme';
import { Thumbnail } from '../roll/contactSheet/Thumbnail';

/** The frame taken last; where there is none to show, which of the reasons it is. */
export function LastFrame({ size }: { readonly size: number }) {
  const { data, isPending, isError } = useNewestFrames();
  const router = useRouter();
  const [last] = stacksOf(data?.frames ?? []);
  if (last) return <Thumbnail stack={last} size={size} />;
  const box = [styles.thumb, { width: size, height: size }];
  const unreadable = data?.unreadable.length ?? 0;
  if (isError || unreadable > 0)
    return (
      <Pressable
        role="link"
        aria-label="Frames that cannot be read: see what can be done"
        style={[box, styles.failed]}
        onPress={() => router.push('/frames')}
      >
        <Text style={styles.text}>{isError ? 'frames not readable' : 'not readable'}</Text>
      </Pressable>
    );
  return (
    <View style={box}>
      <Text style={styles.text}>{isPending ? 'looking ...' : 'no frame yet'}</Text>
    </View>
  );
}

/** Room around frames in a row, and for the words under them and beside them. */
const PAD = 8;
const CAPTION_PX = 18;
const ALL_PX = 64;
/** Small pictures are stored so large. */
const MAX_FRAME_PX = 240;

interface FilmStripProps {
  readonly width: number;
  readonly height: number;
}

/** The newest frames in a row as large as its height, with their settings, and the way to all. */
export function FilmStrip({ width, height }: FilmStripProps) {
  const size = Math.min(MAX_FRAME_PX, height - 2 * PAD - CAPTION_PX);
  const row = Math.max(1, Math.floor((width - ALL_PX - PAD) / (size + PAD)));
  const { data, isPending, isError } = useNewestFrames();
  const router = useRouter();
  const stacks = stacksOf(data?.frames ?? []).slice(0, row);
  const unreadable = data?.unreadable.length ?? 0;
  return (
    <View style={styles.strip}>
      {stacks.map((stack) => (
        <View key={stack.key} style={[styles.stripItem, { width: size }]}>
          <Thumbnail stack={stack} size={size} />
          <Text style={styles.caption} numberOfLines={1}>
            {exposureWords(stack.frames[0].record).split(' · ')[0]}
          </Text>
        </View>
      ))}
      {isPending && <Text style={styles.caption}>Looking for frames ...</Text>}
      {data?.total === 0 && <Text style={styles.caption}>Frames you expose appear here.</Text>}
      {isError && (
        <Text style={styles.caption}>
          The frames on this device cannot be read just now. New ones can still be made.
        </Text>
      )}
      {unreadable > 0 && (
        <Text style={styles.caption}>
          {unreadable} of the newest cannot be read by this version and{' '}
          {unreadable === 1 ? 'is' : 'are'} set aside.
        </Text>
      )}
      {(isError || (data?.total ?? 0) > 0) && (
        <Pressable role="link" onPress={() => router.push('/frames')} style={styles.all}>
          <Text style={styles.allText}>All {data?.total ?? ''} ›</Text>
        </Pressable>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  thumb: {
    borderRadius: 6,
    overflow: 'hidden',
    backgroundColor: COLOUR.panel,
    alignItems: 'center',
    justifyContent: 'center',
    padding: 4,
  },
  failed: { borderLeftWidth: 5, borderLeftColor: COLOUR.clipped },
  text: {
    fontFamily: FONT.regular,
    fontSize: 13,
    color: COLOUR.lightSoft,
    textAlign: 'center',
  },
  strip: { flexDirection: 'row', gap: PAD, padding: PAD, alignItems: 'flex-start' },
  stripItem: { gap: 2 },
  caption: {
    fontFamily: FONT.regular,
    fontSize: typePx(14),
    color: COLOUR.lightSoft,
    flexShrink: 1,
  },
  all: { minHeight: 44, minWidth: 44, justifyContent: 'center' },
  allText: { fontFamily: FONT.semibold, fontSize: typePx(15), color: COLOUR.light },
});
