import { framedBox, turnedSize } from '@velmo/core/recipe';
import { useQuery } from '@tanstack/react-query';
import { Image, StyleSheet, View } from 'react-native';
import { developThumbnail } from '../../../frame/developThumbnail';
import type { ListedFrame } from '../../../storage/frames/madeFrame';

interface FramedThumbnailProps {
  readonly frame: ListedFrame;
  readonly width: number;
  readonly height: number;
  /** All of it in the room it has, or all of the room filled. */
  readonly fit: 'contain' | 'cover';
}

/** A frame's small picture, the way the frame is to be seen. */
export function FramedThumbnail({ frame, width, height, fit }: FramedThumbnailProps) {
  const { record, decision } = frame;
  const thumbnail = useSeenThumbnail(frame);
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

/** The frame's small picture as its recipe has it; as it was made until that is there. */
function useSeenThumbnail(frame: ListedFrame): string {
  const { record, decision, thumbnail } = frame;
  const { development } = decision;
  const { data } = useQuery({
    enabled: development !== null,
    queryKey: ['developed-thumbnail', record.id, development],
    queryFn: () => (development ? developThumbnail(frame, development) : null),
    gcTime: UNSEEN_MS,
  });
  return data ?? thumbnail;
}

/** Thousands of them are not held for long once they are out of sight. */
const UNSEEN_MS = 45_000;

const styles = StyleSheet.create({
  room: { alignItems: 'center', justifyContent: 'center', overflow: 'hidden' },
  window: { overflow: 'hidden', flexShrink: 0 },
  whole: { position: 'absolute' },
});
