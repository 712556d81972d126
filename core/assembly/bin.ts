/**
 * The inner loops over the photosites of a mosaic that need no neighbours;
 * src/sensor/binRoutines.ts says the same.
 */

/**
 * Averages blocks of photosites into interleaved 16-bit RGB.
 *
 * @param raw 16-bit values of `factor` rows, the first red and green
 * @param apart bytes from one of them to the next
 * @param blocks how many side by side
 * @param factor photosites along each side of a block; even
 */
export function binRow(raw: usize, apart: usize, blocks: i32, factor: i32, out: usize): void {
  const perColour: u32 = <u32>(factor * factor) >> 2;
  const down = apart << 1;
  const across = <usize>factor << 1;
  for (let block = 0; block < blocks; block++) {
    let r: u32 = 0;
    let g: u32 = 0;
    let b: u32 = 0;
    let row = raw;
    for (let y = 0; y < factor; y += 2) {
      const end = row + across;
      for (let at = row; at < end; at += 4) {
        // Two photosites at once, the left in the lower half.
        const above = load<u32>(at);
        const below = load<u32>(at + apart);
        r += above & 0xffff;
        g += (above >> 16) + (below & 0xffff);
        b += below >> 16;
      }
      row += down;
    }
    store<u16>(out, <u16>(r / perColour));
    store<u16>(out, <u16>(g / (perColour << 1)), 2);
    store<u16>(out, <u16>(b / perColour), 4);
    raw += across;
    out += 6;
  }
}

/**
 * Photosites of a row at or above a level: of the even ones in the lower half of the result, of the
 * odd ones in the upper.
 *
 * @param raw 16-bit values, in blocks of eight: what is beyond the row is 0
 * @param n photosites; fewer than 65536
 * @param level above 0
 */
export function countRow(raw: usize, n: i32, level: i32): u32 {
  const levels = i16x8.splat(<i16>level);
  let counts = i16x8.splat(0);
  const end = raw + (<usize>n << 1);
  for (; raw < end; raw += 16)
    // What is at the level or above is all ones, which is -1.
    counts = i16x8.sub(counts, i16x8.ge_u(v128.load(raw), levels));
  const even = v128.and(counts, i32x4.splat(0xffff));
  const odd = i32x4.shr_u(counts, 16);
  return (
    (i32x4.extract_lane(even, 0) + i32x4.extract_lane(even, 1) + i32x4.extract_lane(even, 2) + i32x4.extract_lane(even, 3)) |
    ((i32x4.extract_lane(odd, 0) + i32x4.extract_lane(odd, 1) + i32x4.extract_lane(odd, 2) + i32x4.extract_lane(odd, 3)) << 16)
  );
}
