/**
 * The inner loops of lossless JPEG (ITU-T T.81 annex H); src/files/dng/ljpeg/routines.ts says the
 * same.
 */

/** How the next code is read: bits not used yet, how many, where the next come from. */
const HELD = 8;
const AT = 12;

/** Bits of a difference beyond its sign: 0..15, and 16 for -32768, which has no others. */
@inline
function categoryOf(d: i32): i32 {
  return d == -32768 ? 16 : 32 - clz<i32>(abs<i32>(d));
}

/** A sample less what is predicted for it: the one before it of its component. */
@inline
function differenceAt(row: usize, x: usize, back: usize): i32 {
  return <i32>(<i16>(load<u16>(row + x) - load<u16>(row + x - back)));
}

/** The same for the first of a row: the one above, or half the range. */
@inline
function firstDifference(row: usize, x: usize, bytes: usize, first: i32): i32 {
  const predicted = first ? first : <i32>load<u16>(row + x - bytes);
  return <i32>(<i16>(<i32>load<u16>(row + x) - predicted));
}

@inline
function count(counts: usize, d: i32): void {
  const at = counts + ((<usize>categoryOf(d)) << 2);
  store<u32>(at, load<u32>(at) + 1);
}

/** Counts the categories of all differences: 17 words at `counts`, which are added to. */
export function countCategories(samples: usize, width: i32, height: i32, components: i32, first: i32, counts: usize): void {
  const bytes = (<usize>width) << 1;
  const back = (<usize>components) << 1;
  for (let y = 0, row = samples; y < height; y++, row += bytes) {
    for (let x: usize = 0; x < back; x += 2) count(counts, firstDifference(row, x, bytes, y ? 0 : first));
    for (let x = back; x < bytes; x += 2) count(counts, differenceAt(row, x, back));
  }
}

let bits: u64 = 0;
let held: i32 = 0;
let out: usize = 0;

@inline
function putByte(byte: u32): void {
  store<u8>(out++, byte);
  if (byte == 255) store<u8>(out++, 0);
}

/** Adds a difference: its code, then the bits that tell it from others of its category. */
@inline
function put(d: i32, codes: usize, lengths: usize): void {
  const category = categoryOf(d);
  const word = (<usize>category) << 2;
  const extra = category & 15;
  const tail = <u32>(d < 0 ? d - 1 : d) & ((1 << extra) - 1);
  const length = load<i32>(lengths + word) + extra;
  bits = (bits << length) | ((load<u32>(codes + word) << extra) | tail);
  held += length;
  if (held < 32) return;
  held -= 32;
  const full = <u32>(bits >> held);
  // None of its bytes is 255: nothing to stuff.
  if (!((~full - 0x01010101) & full & 0x80808080)) {
    store<u32>(out, bswap<u32>(full));
    out += 4;
    return;
  }
  putByte(full >> 24);
  putByte((full >> 16) & 255);
  putByte((full >> 8) & 255);
  putByte(full & 255);
}

/** Writes all differences as codes; returns the address behind the last byte. */
export function writeCodes(samples: usize, width: i32, height: i32, components: i32, first: i32, codes: usize, lengths: usize, to: usize): usize {
  bits = 0;
  held = 0;
  out = to;
  const bytes = (<usize>width) << 1;
  const back = (<usize>components) << 1;
  for (let y = 0, row = samples; y < height; y++, row += bytes) {
    for (let x: usize = 0; x < back; x += 2) put(firstDifference(row, x, bytes, y ? 0 : first), codes, lengths);
    for (let x = back; x < bytes; x += 2) put(differenceAt(row, x, back), codes, lengths);
  }
  for (; held >= 8; held -= 8) putByte(<u32>(bits >> (held - 8)) & 255);
  // The last byte is filled with ones.
  if (held > 0) putByte((<u32>(bits << (8 - held)) | ((1 << (8 - held)) - 1)) & 255);
  return out;
}

/** T.81 table H.1: left, above, above left. */
@inline
function predicted(predictor: i32, a: i32, b: i32, c: i32): i32 {
  if (predictor == 2) return b;
  if (predictor == 3) return c;
  if (predictor == 4) return a + b - c;
  if (predictor == 5) return a + ((b - c) >> 1);
  if (predictor == 6) return b + ((a - c) >> 1);
  return predictor == 7 ? (a + b) >> 1 : a;
}

/** Bits of a look-up's entry that holds no difference: see `decoderLookup`. */
const LONG = 255;

/**
 * Decodes a row; 0 where a code is none. `tables` holds the address of each component's look-up: a
 * word for each 16 bits, see `decoderLookup`. No byte from `end` on is read.
 */
export function decodeRow(state: usize, end: usize, tables: usize, components: i32, width: i32, predictor: i32, first: i32, row: usize, above: usize): i32 {
  let acc = load<u64>(state);
  let has = load<i32>(state + HELD);
  let at = <usize>load<u32>(state + AT);
  const bytes = (<usize>width) << 1;
  const back = (<usize>components) << 1;
  const plain = first != 0 || predictor == 1;
  let table: usize = 0;
  let lookup = <usize>load<u32>(tables);
  let isOne = true;
  for (let c: usize = 2; c < back; c += 2) if (load<u32>(tables + (c << 1)) != <u32>lookup) isOne = false;
  for (let x: usize = 0; x < bytes; x += 2) {
    if (has < 32) {
      acc = (acc << 32) | (at < end ? bswap<u32>(load<u32>(at)) : 0);
      at += 4;
      has += 32;
    }
    if (!isOne) {
      lookup = <usize>load<u32>(tables + table);
      table += 4;
      if (table == back << 1) table = 0;
    }
    const entry = load<i32>(lookup + ((<usize>(acc >> (has - 16)) & 0xffff) << 2));
    const used = entry & 255;
    let d = entry >> 16;
    has -= used;
    if (used == LONG) {
      const category = d & 255;
      has += LONG - ((entry >> 8) & 255) - category;
      const extra = <i32>(<u32>(acc >> has) & ((1 << category) - 1));
      d = extra < 1 << (category - 1) ? extra - (1 << category) + 1 : extra;
    } else if (used == 0) return 0;
    let p = 0;
    if (x < back) p = first ? first : <i32>load<u16>(above + x);
    else {
      p = <i32>load<u16>(row + x - back);
      if (!plain) p = predicted(predictor, p, <i32>load<u16>(above + x), <i32>load<u16>(above + x - back));
    }
    store<u16>(row + x, d + p);
  }
  store<u64>(state, acc);
  store<i32>(state + HELD, has);
  store<u32>(state + AT, at);
  return 1;
}
