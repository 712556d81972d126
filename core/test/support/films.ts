import { encodeSrgb } from '@velmo/core/colour';

/** Cameras whose curve is known: light 0..1 to signal 0..1, 1 where it clips. */
export const CURVES = {
  sRgb: encodeSrgb,
  gamma: (light: number): number => light ** (1 / 2.2),
  /** The shape processed pictures have: a toe, a shoulder, more contrast between. */
  film: (light: number): number => {
    const s = encodeSrgb(light);
    return 0.55 * s + 0.45 * s * s * (3 - 2 * s);
  },
} as const;

/** Light that makes a signal, for a rising curve. */
export function lightOf(curve: (light: number) => number, signal: number): number {
  let [low, high] = [0, 1];
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (curve(middle) < signal) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** Numbers that look random and are the same every time: uniform in 0..1, and normal. */
export function dice(seed: number) {
  let state = seed >>> 0;
  const uniform = (): number => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return (state + 0.5) / 2 ** 32;
  };
  const normal = (): number =>
    Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
  return { uniform, normal };
}

/** A frame of bytes (RGBA) from light through a curve, with noise that grows as photons' does. */
export function filmFrame(
  light: Float32Array,
  exposure: number,
  curves: readonly ((light: number) => number)[],
  noise: number,
  normal: () => number,
): Uint8ClampedArray {
  const pixels = light.length;
  const rgba = new Uint8ClampedArray(4 * pixels).fill(255);
  for (let p = 0; p < pixels; p++)
    for (let c = 0; c < 3; c++) {
      const mean = light[p] * exposure;
      const seen = mean + noise * Math.sqrt(mean) * normal();
      rgba[4 * p + c] = Math.round(255 * curves[c % curves.length](Math.min(1, Math.max(0, seen))));
    }
  return rgba;
}

/** A wall of patches whose lights lie evenly in stops over a range, in a fixed disorder. */
export function patches(
  width: number,
  height: number,
  size: number,
  stops: number,
  seed = 5,
): Float32Array {
  const { uniform } = dice(seed);
  const across = Math.ceil(width / size);
  const levels = Array.from({ length: across * Math.ceil(height / size) }, uniform);
  return Float32Array.from({ length: width * height }, (_, p) => {
    const [x, y] = [p % width, Math.floor(p / width)];
    const level = levels[Math.floor(y / size) * across + Math.floor(x / size)];
    return 2 ** ((level - 0.5) * stops);
  });
}
