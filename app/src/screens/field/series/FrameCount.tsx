import { Choice } from '../../../instruments/Choice';

/** Numbers offered, and the one a link brought. */
export const offered = (numbers: readonly number[], now: number): number[] =>
  [...new Set([...numbers, now])].sort((a, b) => a - b);

/** Whole numbers between two, both included. */
export const range = ({ min, max }: { min: number; max: number }): number[] =>
  Array.from({ length: max - min + 1 }, (_, i) => min + i);

/** How many frames. */
export function FrameCount(props: {
  numbers: readonly number[];
  now: number;
  onChoose: (frames: number) => void;
}) {
  return (
    <Choice
      label="Frames"
      options={offered(props.numbers, props.now).map((frames) => ({
        value: frames,
        label: `${frames}`,
        name: `${frames} frames`,
      }))}
      value={props.now}
      onChoose={props.onChoose}
    />
  );
}
