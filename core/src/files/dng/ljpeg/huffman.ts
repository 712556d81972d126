/**
 * Huffman tables of lossless JPEG (ITU-T T.81 annexes C, F and K). Symbols are difference
 * categories 0..16.
 */
export interface HuffmanTable {
  /** Number of codes of each length 1..16 (BITS). */
  readonly bits: Uint8Array;
  /** Symbols in order of increasing code length (HUFFVAL). */
  readonly values: Uint8Array;
}

const MAX_CODE_LENGTH = 16;

/**
 * Optimal table for these symbol counts, no code longer than 16 bits and none all ones (T.81 K.2).
 */
export function buildHuffmanTable(counts: Uint32Array): HuffmanTable {
  const symbols = counts.length;
  // One reserved symbol of count 1 takes the all-ones code.
  const frequency = new Float64Array(symbols + 1);
  frequency.set(counts);
  frequency[symbols] = 1;
  const size = new Uint8Array(symbols + 1);
  const next = new Int32Array(symbols + 1).fill(-1);
  for (;;) {
    let a = -1;
    let b = -1;
    for (let i = 0; i <= symbols; i++) {
      if (frequency[i] === 0) continue;
      if (a < 0 || frequency[i] <= frequency[a]) {
        b = a;
        a = i;
      } else if (b < 0 || frequency[i] <= frequency[b]) b = i;
    }
    if (b < 0) break;
    frequency[a] += frequency[b];
    frequency[b] = 0;
    let last = a;
    for (;;) {
      size[last]++;
      if (next[last] < 0) break;
      last = next[last];
    }
    next[last] = b;
    for (let i = b; i >= 0; i = next[i]) size[i]++;
  }
  const lengths = new Uint32Array(64);
  for (let i = 0; i <= symbols; i++) if (size[i] > 0) lengths[size[i]]++;
  limitLengths(lengths);
  const bits = new Uint8Array(MAX_CODE_LENGTH);
  for (let l = 1; l <= MAX_CODE_LENGTH; l++) bits[l - 1] = lengths[l];
  const order = Array.from({ length: symbols }, (_, i) => i)
    .filter((i) => size[i] > 0)
    .sort((a, b) => size[a] - size[b] || a - b);
  return { bits, values: Uint8Array.from(order) };
}

/** T.81 figure K.3: shortens codes over 16 bits, then drops the reserved one. */
function limitLengths(lengths: Uint32Array): void {
  for (let i = lengths.length - 1; i > MAX_CODE_LENGTH; i--) {
    while (lengths[i] > 0) {
      let j = i - 2;
      while (lengths[j] === 0) j--;
      lengths[i] -= 2;
      lengths[i - 1]++;
      lengths[j + 1] += 2;
      lengths[j]--;
    }
  }
  let longest = MAX_CODE_LENGTH;
  while (longest > 0 && lengths[longest] === 0) longest--;
  if (longest > 0) lengths[longest]--;
}

/** Code and length of every symbol (T.81 annex C); length 0 = no code. */
export function encoderCodes(table: HuffmanTable): { code: Uint16Array; length: Uint8Array } {
  const code = new Uint16Array(256);
  const length = new Uint8Array(256);
  let next = 0;
  let k = 0;
  for (let l = 1; l <= MAX_CODE_LENGTH; l++) {
    for (let i = 0; i < table.bits[l - 1]; i++, k++) {
      code[table.values[k]] = next++;
      length[table.values[k]] = l;
    }
    next <<= 1;
  }
  return { code, length };
}

/** Bits an entry takes whose code and difference are longer than a look-up's 16 together. */
export const LONG_ENTRY = 255;

/**
 * Look-up by the next 16 bits: 65,536 words. The low byte says how many bits code and difference
 * take, the high half the difference itself (32768 as -32768: sums are taken modulo 65536). Where
 * both do not fit into 16 bits the low byte is `LONG_ENTRY`, the next the code's length, and the
 * high half the category, whose bits follow. 0 = no such code. Throws RangeError when the table
 * describes more codes than fit.
 */
export function decoderLookup(table: HuffmanTable): Int32Array {
  const lookup = new Int32Array(65536);
  let next = 0;
  let k = 0;
  for (let l = 1; l <= MAX_CODE_LENGTH; l++) {
    const span = 1 << (16 - l);
    for (let i = 0; i < table.bits[l - 1]; i++, k++) {
      if (next + span > 65536) throw new RangeError('Huffman table is over-full');
      fillCode(lookup, next, table.values[k], l);
      next += span;
    }
  }
  return lookup;
}

/** All entries of one code: of `length` bits, for a category. */
function fillCode(lookup: Int32Array, from: number, category: number, length: number): void {
  const span = 1 << (16 - length);
  if (category === 0 || category === 16) {
    lookup.fill((category << 27) | length, from, from + span);
    return;
  }
  const bits = length + category;
  if (bits > 16) {
    lookup.fill((category << 16) | (length << 8) | LONG_ENTRY, from, from + span);
    return;
  }
  const each = 1 << (16 - bits);
  const half = 1 << (category - 1);
  for (let extra = 0; extra < 1 << category; extra++) {
    const difference = extra < half ? extra - (1 << category) + 1 : extra;
    const at = from + extra * each;
    lookup.fill((difference << 16) | bits, at, at + each);
  }
}
