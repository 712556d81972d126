/**
 * The inner loops of defocus, four 32-bit floats at a time: red, green, blue and cover of a cell;
 * src/optics/plainBlur.ts says the same.
 */

const BEHIND = 1;
const BEFORE = 2;
const WIDE = 4;

/** Every lane of a vector is this lane of another. */
@inline
function spread(lanes: v128, lane: u8): v128 {
  return lane == 0
    ? v128.shuffle<i32>(lanes, lanes, 0, 0, 0, 0)
    : lane == 1
      ? v128.shuffle<i32>(lanes, lanes, 1, 1, 1, 1)
      : lane == 2
        ? v128.shuffle<i32>(lanes, lanes, 2, 2, 2, 2)
        : v128.shuffle<i32>(lanes, lanes, 3, 3, 3, 3);
}

/** A pixel for the layers that spread it, and for the sharp one where it is sharp. */
@inline
function give(rgb: usize, light: usize, sharp: usize, isSharp: v128): void {
  const pixel = f32x4.replace_lane(v128.load(rgb), 3, 1);
  v128.store(light, pixel);
  v128.store(sharp, v128.and(pixel, isSharp));
}

/**
 * Gives the pixels of a row to their layers by their blur, scale * (1 / depth - focus): positive
 * before the focus. Sharp ones go to the sharp layer, which holds nothing where a pixel is not; to
 * light go all with a cover of 1; to back and front the number of their disc or -1; to wide the
 * signed radius of those that are blurred by more than a grid of pixels can hold, else 0. Four at a
 * time: up to three pixels behind the last are read and written, too.
 *
 * @param rgb three floats a pixel, and one more behind the last
 * @returns 1 when any lie behind, + 2 before, + 4 wide
 */
export function sortRow(
  rgb: usize,
  depth: usize,
  n: i32,
  scale: f32,
  focus: f32,
  least: f32,
  most: f32,
  perPx: f32,
  sharp: usize,
  light: usize,
  back: usize,
  front: usize,
  wide: usize,
): i32 {
  const last = depth + ((<usize>n) << 2);
  const none = i32x4.splat(-1);
  let anyBehind = i32x4.splat(0);
  let anyBefore = i32x4.splat(0);
  let anyWide = i32x4.splat(0);
  if (depth < last) do {
    const dioptres = f32x4.div(f32x4.splat(1), v128.load(depth));
    const radius = f32x4.mul(f32x4.splat(scale), f32x4.sub(dioptres, f32x4.splat(focus)));
    const size = f32x4.abs(radius);
    const isSharp = f32x4.lt(size, f32x4.splat(least));
    const isWide = f32x4.gt(size, f32x4.splat(most));
    const onGrid = v128.not(v128.or(isSharp, isWide));
    const isBehind = v128.and(onGrid, f32x4.lt(radius, f32x4.splat(0)));
    const isBefore = v128.andnot(onGrid, isBehind);
    const disc = i32x4.trunc_sat_f32x4_s(
      f32x4.add(f32x4.mul(size, f32x4.splat(perPx)), f32x4.splat(0.5)),
    );
    v128.store(back, v128.bitselect(disc, none, isBehind));
    v128.store(front, v128.bitselect(disc, none, isBefore));
    v128.store(wide, v128.and(radius, isWide));
    anyBehind = v128.or(anyBehind, isBehind);
    anyBefore = v128.or(anyBefore, isBefore);
    anyWide = v128.or(anyWide, isWide);
    give(rgb, light, sharp, spread(isSharp, 0));
    give(rgb + 12, light + 16, sharp + 16, spread(isSharp, 1));
    give(rgb + 24, light + 32, sharp + 32, spread(isSharp, 2));
    give(rgb + 36, light + 48, sharp + 48, spread(isSharp, 3));
    rgb += 48;
    depth += 16;
    sharp += 64;
    light += 64;
    back += 16;
    front += 16;
    wide += 16;
  } while (depth < last);
  return (
    (v128.any_true(anyBehind) ? BEHIND : 0) |
    (v128.any_true(anyBefore) ? BEFORE : 0) |
    (v128.any_true(anyWide) ? WIDE : 0)
  );
}

/** Adds a share of a pixel to a gathering cell: its light with cover, and its radius. */
@inline
function gather(cell: usize, light: v128, radius: f32, share: f32): void {
  v128.store(cell, f32x4.add(v128.load(cell), f32x4.mul(light, f32x4.splat(share))));
  store<f32>(cell, load<f32>(cell, 16) + radius * share, 16);
}

/**
 * Gathers the widely blurred pixels of a row in the cells of coarser grids, shared among the four
 * cells round them.
 *
 * @param sign -1 takes what lies behind the focus, 1 what lies before it
 * @param x place of the first pixel; likewise y
 * @param grids for each grid from 1 on the address of its gathering cells (32 bytes each), the
 *   bytes of a row of them, and whether it has been touched
 */
export function gatherRow(
  light: usize,
  wide: usize,
  n: i32,
  sign: f32,
  x: f32,
  y: f32,
  widest: f32,
  most: f32,
  coarsest: i32,
  grids: usize,
): void {
  const last = wide + ((<usize>n) << 2);
  if (wide < last) do {
    let radius = sign * load<f32>(wide);
    if (radius > 0) {
      radius = min<f32>(radius, widest);
      let grid = 1;
      let size: f32 = 2;
      let reach = most * 2;
      while (radius > reach && grid < coarsest) {
        grid++;
        size *= 2;
        reach *= 2;
      }
      const entry = grids + <usize>(grid - 1) * 12;
      store<i32>(entry, 1, 8);
      const row = <usize>load<i32>(entry, 4);
      const u = (x + <f32>0.5) / size + <f32>0.5;
      const v = (y + <f32>0.5) / size + <f32>0.5;
      const fx = u - floor<f32>(u);
      const fy = v - floor<f32>(v);
      let cell = <usize>load<i32>(entry) + (<usize>(<i32>floor<f32>(v)) * row + ((<usize>(<i32>floor<f32>(u))) << 5));
      const pixel = v128.load(light);
      gather(cell, pixel, radius, (<f32>1 - fx) * (<f32>1 - fy));
      gather(cell + 32, pixel, radius, fx * (<f32>1 - fy));
      cell += row;
      gather(cell, pixel, radius, (<f32>1 - fx) * fy);
      gather(cell + 32, pixel, radius, fx * fy);
    }
    light += 16;
    wide += 4;
    x += 1;
  } while (wide < last);
}

/**
 * Spreads a row of pixels over their discs.
 *
 * @param kernels for each pixel the number of its disc, or -1 for none
 * @param table for each disc the address of its taps and their number; a tap: byte offset from the
 *   cell, and share
 */
export function spreadRow(pixels: usize, kernels: usize, n: i32, cells: usize, table: usize): void {
  const last = kernels + ((<usize>n) << 2);
  if (kernels < last) do {
    const kernel = load<i32>(kernels);
    if (kernel >= 0) {
      const light = v128.load(pixels);
      const entry = table + ((<usize>kernel) << 3);
      let tap = <usize>load<u32>(entry);
      const end = tap + ((<usize>load<u32>(entry, 4)) << 3);
      while (tap < end) {
        const cell = cells + load<u32>(tap);
        const share = v128.load32_splat(tap, 4);
        v128.store(cell, f32x4.add(v128.load(cell), f32x4.mul(light, share)));
        tap += 8;
      }
    }
    pixels += 16;
    kernels += 4;
    cells += 16;
  } while (kernels < last);
}

/**
 * A row of a grid twice as fine, by linear steps between two rows of this one. Reads a cell beyond
 * either end.
 */
export function enlargeRow(near: usize, far: usize, n: i32, out: usize): void {
  const most = f32x4.splat(0.75);
  const least = f32x4.splat(0.25);
  const last = near + ((<usize>n) << 4);
  let left = f32x4.add(
    f32x4.mul(most, v128.load(near - 16)),
    f32x4.mul(least, v128.load(far - 16)),
  );
  let here = f32x4.add(f32x4.mul(most, v128.load(near)), f32x4.mul(least, v128.load(far)));
  if (near < last) do {
    const right = f32x4.add(
      f32x4.mul(most, v128.load(near, 16)),
      f32x4.mul(least, v128.load(far, 16)),
    );
    const much = f32x4.mul(most, here);
    v128.store(out, f32x4.add(much, f32x4.mul(least, left)));
    v128.store(out, f32x4.add(much, f32x4.mul(least, right)), 16);
    left = here;
    here = right;
    near += 16;
    far += 16;
    out += 32;
  } while (near < last);
}

@inline
function coverOf(cell: v128): f32 {
  return f32x4.extract_lane(cell, 3);
}

/**
 * Lays a row of a layer over what lies behind it, and trusts what little is seen of it beside what
 * hides it.
 */
export function overBack(layer: usize, behind: usize, n: i32): void {
  const last = layer + ((<usize>n) << 4);
  if (layer < last) do {
    let cell = v128.load(layer);
    const cover = coverOf(cell);
    cell = f32x4.add(
      f32x4.mul(cell, f32x4.splat(<f32>1 / max<f32>(1, cover))),
      f32x4.mul(v128.load(behind), f32x4.splat(max<f32>(0, <f32>1 - cover))),
    );
    const sure = coverOf(cell);
    if (i32(sure > 0) & i32(sure < 1)) cell = f32x4.mul(cell, f32x4.splat(min<f32>(1, 4 * sure) / sure));
    v128.store(layer, cell);
    layer += 16;
    behind += 16;
  } while (layer < last);
}

/** Lays what is nearer over a row of a layer. */
export function overFront(layer: usize, before: usize, n: i32): void {
  const last = layer + ((<usize>n) << 4);
  if (layer < last) do {
    const cell = v128.load(layer);
    const near = v128.load(before);
    const own = max<f32>(0, <f32>1 - coverOf(near)) / max<f32>(1, coverOf(cell));
    v128.store(layer, f32x4.add(near, f32x4.mul(cell, f32x4.splat(own))));
    layer += 16;
    before += 16;
  } while (layer < last);
}

/**
 * A row of the picture: front over sharp over back. Writes three floats a pixel, and one more
 * behind the last.
 */
export function composeRow(sharp: usize, back: usize, front: usize, n: i32, out: usize): void {
  const last = sharp + ((<usize>n) << 4);
  if (sharp < last) do {
    let from = v128.load(sharp);
    if (!(coverOf(from) > 0)) from = v128.load(back);
    const near = v128.load(front);
    from = f32x4.add(near, f32x4.mul(from, f32x4.splat(<f32>1 - coverOf(near))));
    const cover = coverOf(from);
    if (cover > 0) from = f32x4.mul(from, f32x4.splat(<f32>1 / cover));
    v128.store(out, from);
    sharp += 16;
    back += 16;
    front += 16;
    out += 12;
  } while (sharp < last);
}
