import { useRouter } from 'expo-router';
import { Image, Pressable, StyleSheet, View } from 'react-native';
import { sourceWords, summaryWords } from '../../storage/frameWords';
import type { ListedFrame } from '../../storage/madeFrame';
import { COLOUR } from '../../theme/theme';

interface ThumbnailProps {
  readonly frame: ListedFrame;
  readonly size: number;
  /** Left out: it opens the frame. */
  readonly onChoose?: () => void;
  readonly chosen?: boolean;
}

/** A frame as a small picture that opens it, or chooses it. */
export function Thumbnail({ frame, size, onChoose, chosen = false }: ThumbnailProps) {
  const router = useRouter();
  const { record, thumbnail } = frame;
  const open = (): void => router.push({ pathname: '/frame/[id]', params: { id: record.id } });
  const press = onChoose ?? open;
  // A link answers Enter only where it has an address, and Space nowhere: both are keys people
  // press.
  const onKey = (event: React.KeyboardEvent): void => {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    press();
  };
  const keys = { onKeyDown: onKey } as object;
  return (
    <Pressable
      role={onChoose ? 'checkbox' : 'link'}
      aria-checked={onChoose ? chosen : undefined}
      aria-label={`Frame ${sourceWords(record)}, ${summaryWords(record)}`}
      onPress={press}
      style={[styles.thumb, { width: size, height: size }, chosen && styles.chosen]}
      {...keys}
    >
      {thumbnail === '' ? (
        <View style={styles.image} />
      ) : (
        <Image source={{ uri: thumbnail }} style={styles.image} resizeMode="cover" alt="" />
      )}
    </Pressable>
  );
}

const styles = StyleSheet.create({
  thumb: { borderRadius: 6, overflow: 'hidden', backgroundColor: COLOUR.panel },
  chosen: { outlineWidth: 4, outlineColor: COLOUR.paper, outlineStyle: 'solid', outlineOffset: -4 },
  image: { width: '100%', height: '100%' },
});
