import type { FinishChoices } from '@velmo/core/combine';
import { useEffect, useRef } from 'react';
import type { SeenPlace } from '../../combine/combine.worker';
import { StyleSheet, View } from 'react-native';
import { useWorkerCanvas } from '../../instruments/window/useWorkerCanvas';
import { COLOUR } from '../../theme/theme';
import type { Combination } from './useCombination';
import { BRUSH_RADIUS, useStroke } from './useStroke';

interface CombinePictureProps {
  readonly combination: Combination;
  readonly finish: FinishChoices | null;
  /** Where things moved is hatched. */
  readonly mask: boolean;
  /** Sides of the picture as seen; null: not known. */
  readonly size: { readonly width: number; readonly height: number };
  readonly width: number;
  readonly height: number;
  /** A place of the picture, 0..1, was tapped. */
  readonly onTap: (x: number, y: number) => void;
  /** Something was painted on it; null: nothing can be. */
  readonly onStroke: ((stroke: readonly SeenPlace[]) => void) | null;
}

/** The frames as one, small: drawn by the worker that combines them. */
export function CombinePicture(props: CombinePictureProps) {
  const { combination, finish, mask, size, width, height, onTap, onStroke } = props;
  const { attach, show, facts } = combination;
  const host = useRef<View>(null);
  useWorkerCanvas(host, attach, attach);
  const ratio = window.devicePixelRatio;
  useEffect(() => {
    show({ width: width * ratio, height: height * ratio, finish, mask });
  }, [show, width, height, ratio, finish, mask]);
  const scale = Math.min(width / size.width, height / size.height);
  const [w, h] = [size.width * scale, size.height * scale];
  const [left, top] = [(width - w) / 2, (height - h) / 2];
  const placeAt = (px: number, py: number): SeenPlace | null => {
    const [x, y] = [(px - left) / w, (py - top) / h];
    return x >= 0 && x < 1 && y >= 0 && y < 1 ? { x, y } : null;
  };
  const tapped = (event: { nativeEvent: { offsetX?: number; offsetY?: number } }): void => {
    const { offsetX = -1, offsetY = -1 } = event.nativeEvent;
    const at = placeAt(offsetX, offsetY);
    if (at && !onStroke) onTap(at.x, at.y);
  };
  const long = Math.max(w, h);
  const stroke = useStroke(host, placeAt, { x: w / long, y: h / long }, onStroke);
  const radius = BRUSH_RADIUS * long;
  return (
    <View
      ref={host}
      role="img"
      aria-label={facts ? 'The frames combined, small' : 'The frames combined, in the making'}
      testID="combined"
      style={[styles.host, { width, height }, onStroke && styles.painted]}
      {...({ onClick: tapped } as object)}
    >
      {stroke.map(({ x, y }, i) => (
        <View
          key={i}
          style={[
            styles.dab,
            {
              left: left + x * w - radius,
              top: top + y * h - radius,
              width: 2 * radius,
              height: 2 * radius,
              borderRadius: radius,
            },
          ]}
        />
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  host: { backgroundColor: COLOUR.body, overflow: 'hidden' },
  painted: { touchAction: 'none', cursor: 'crosshair' } as object,
  dab: {
    position: 'absolute',
    backgroundColor: COLOUR.paper,
    opacity: 0.35,
    pointerEvents: 'none',
  },
});
