import { Image, StyleSheet } from 'react-native';
import { useStore } from '../../../state/store';
import { fieldStore } from '../session/fieldState';

/** A long exposure as far as it has been gathered, in the place of the live picture. */
export function GrowingPicture({ width, height }: { width: number; height: number }) {
  const picture = useStore(fieldStore, (s) => s.progress?.picture);
  if (!picture) return null;
  return (
    <Image
      source={{ uri: picture }}
      style={[styles.over, { width, height }]}
      resizeMode="contain"
      alt="What the long exposure has gathered so far"
      testID="growing"
    />
  );
}

const styles = StyleSheet.create({
  over: {
    position: 'absolute',
    left: 0,
    top: 0,
    backgroundColor: '#000000',
    pointerEvents: 'none',
  },
});
