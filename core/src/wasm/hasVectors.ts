/** A module whose one function gives back a vector: `i8x16.popcnt(i8x16.splat(0))`. */
const VECTOR_MODULE = Uint8Array.of(
  ...[0, 97, 115, 109, 1, 0, 0, 0, 1, 5, 1, 96, 0, 1, 123, 3, 2, 1, 0],
  ...[10, 10, 1, 8, 0, 65, 0, 253, 15, 253, 98, 11],
);

/**
 * Whether this browser computes with vectors of 128 bits (WebAssembly 2.0). Where it does not,
 * everything is computed one value at a time: the same result, many times slower.
 */
export const hasVectors = (): boolean =>
  typeof WebAssembly === 'object' && WebAssembly.validate(VECTOR_MODULE);
