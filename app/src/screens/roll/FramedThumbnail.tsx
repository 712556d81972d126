import { framedBox, turnedSize } from '@velmo/core/recipe';
import { Image, StyleSheet, View } from 'react-native';
import type { ListedFrame } from '../../storage/madeFrame';

interface FramedThumbnailProps {
  readonly frame: ListedFrame;
  readonly width: number;
  readonly height: number;
  /** All of it in the room it has, or all of the room filled. */
  readonly fit: 'contain' | 'cover';
}

/** A frame's small picture, the way the frame is to be seen. */
export function FramedThumbnail({ frame, width, height, fit }: FramedThumbnailProps) {
  const { record, thumbnail, decision } = frame;
  const { reframe } = decision;
  if (thumbnail === '') return null;
  // Frames of before version 2 do not know their size.
  if (!reframe || record.width === 0)
    return <Image source={{ uri: thumbnail }} style={{ width, height }} resizeMode={fit} alt="" />;
  const box = framedBox(reframe, record);
  const turned = turnedSize(record, reframe.quarters);
  const way = fit === 'contain' ? Math.min : Math.max;
  const scale = way(width / box.width, height / box.height);
  const [w, h] = [record.width * scale, record.height * scale];
  const whole = {
    width: w,
    height: h,
    left: (turned.width / 2 - box.x) * scale - w / 2,
    top: (turned.height / 2 - box.y) * scale - h / 2,
    transform: [{ rotate: `${90 * reframe.quarters + reframe.tilt / 10}deg` }],
  };
  return (
    <View style={[styles.room, { width, height }]}>
      <View style={[styles.window, { width: box.width * scale, height: box.height * scale }]}>
        <Image
          source={{ uri: thumbnail }}
          style={[styles.whole, whole]}
          resizeMode="stretch"
          alt=""
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  room: { alignItems: 'center', justifyContent: 'center', overflow: 'hidden' },
  window: { overflow: 'hidden', flexShrink: 0 },
  whole: { position: 'absolute' },
});
