import { Image, Pressable, StyleSheet, Text, View } from 'react-native';
import { useRouter } from 'expo-router';
import type { FrameRecord } from '../../rolls/frameRecord';
import { useFrames } from '../../rolls/frameQueries';
import { COLOUR, FONT } from '../../theme/theme';

/** A frame as a small picture that opens it. */
function Thumbnail({ record, size }: { record: FrameRecord; size: number }) {
  const router = useRouter();
  return (
    <Pressable
      role="link"
      aria-label={`Frame ${record.source}, ${record.summary}`}
      onPress={() => router.push({ pathname: '/frame/[id]', params: { id: record.id } })}
      style={[styles.thumb, { width: size, height: size }]}
    >
      <Image source={{ uri: record.thumbnail }} style={styles.image} resizeMode="cover" alt="" />
    </Pressable>
  );
}

/** The frame taken last, or an empty place that says so. */
export function LastFrame({ size }: { size: number }) {
  const { data } = useFrames();
  const [last] = data?.frames ?? [];
  if (last) return <Thumbnail record={last} size={size} />;
  return (
    <View style={[styles.thumb, styles.empty, { width: size, height: size }]}>
      <Text style={styles.emptyText}>no frame yet</Text>
    </View>
  );
}

const STRIP_FRAMES = 9;

/** The newest frames in a row, with their settings. */
export function FilmStrip() {
  const { data } = useFrames();
  const frames = data?.frames.slice(0, STRIP_FRAMES) ?? [];
  return (
    <View style={styles.strip}>
      {frames.map((record) => (
        <View key={record.id} style={styles.stripItem}>
          <Thumbnail record={record} size={72} />
          <Text style={styles.caption} numberOfLines={1}>
            {record.summary.split(' · ')[0]}
          </Text>
        </View>
      ))}
      {frames.length === 0 && <Text style={styles.caption}>Frames you expose appear here.</Text>}
      {(data?.setAside ?? 0) > 0 && (
        <Text style={styles.caption}>
          {data?.setAside} stored frames were made by another version and are set aside.
        </Text>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  thumb: { borderRadius: 6, overflow: 'hidden', backgroundColor: COLOUR.panel },
  image: { width: '100%', height: '100%' },
  empty: { alignItems: 'center', justifyContent: 'center', padding: 4 },
  emptyText: {
    fontFamily: FONT.regular,
    fontSize: 13,
    color: COLOUR.lightSoft,
    textAlign: 'center',
  },
  strip: { flexDirection: 'row', gap: 8, padding: 8, alignItems: 'flex-start' },
  stripItem: { width: 76, gap: 2 },
  caption: { fontFamily: FONT.regular, fontSize: 14, color: COLOUR.lightSoft },
});
