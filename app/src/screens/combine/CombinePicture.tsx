import type { FinishChoices } from '@velmo/core/combine';
import { useEffect, useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import { useWorkerCanvas } from '../../instruments/useWorkerCanvas';
import { COLOUR } from '../../theme/theme';
import type { Combination } from './useCombination';

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
}

/** The frames as one, small: drawn by the worker that combines them. */
export function CombinePicture(props: CombinePictureProps) {
  const { combination, finish, mask, size, width, height, onTap } = props;
  const { attach, show, facts } = combination;
  const host = useRef<View>(null);
  useWorkerCanvas(host, attach, attach);
  const ratio = window.devicePixelRatio;
  useEffect(() => {
    show({ width: width * ratio, height: height * ratio, finish, mask });
  }, [show, width, height, ratio, finish, mask]);
  const scale = Math.min(width / size.width, height / size.height);
  const [w, h] = [size.width * scale, size.height * scale];
  const tapped = (event: { nativeEvent: { offsetX?: number; offsetY?: number } }): void => {
    const { offsetX = -1, offsetY = -1 } = event.nativeEvent;
    const [x, y] = [(offsetX - (width - w) / 2) / w, (offsetY - (height - h) / 2) / h];
    if (x >= 0 && x < 1 && y >= 0 && y < 1) onTap(x, y);
  };
  return (
    <View
      ref={host}
      role="img"
      aria-label={facts ? 'The frames combined, small' : 'The frames combined, in the making'}
      testID="combined"
      style={[styles.host, { width, height }]}
      {...({ onClick: tapped } as object)}
    />
  );
}

const styles = StyleSheet.create({
  host: { backgroundColor: COLOUR.body, overflow: 'hidden' },
});
