import { decodeSrgb } from '../colour/srgb';

/** Linear value of light that clips, in 16-bit frames. */
export const LINEAR_WHITE = 65535;

/** Values a channel of a processed picture can have. */
export const CODES = 256;
/**
 * The code an sRGB picture shows mid-grey with: where ISO 12232 measures a camera's standard output
 * sensitivity.
 */
export const MID_CODE = 118;

/**
 * How a camera turns light into the codes of a processed picture: for each code of red, green and
 * blue the light that makes it, as a share of the light that makes all three clip. 256 values a
 * channel, rising, 1 at the end.
 */
export type VideoResponse = readonly [Float32Array, Float32Array, Float32Array];

/** The curve of IEC 61966-2-1: taken to be the camera's while nothing better is known. */
export const SRGB_RESPONSE: VideoResponse = (() => {
  const curve = Float32Array.from({ length: CODES }, (_, code) => decodeSrgb(code / (CODES - 1)));
  return [curve, curve, curve];
})();

/** Share of clipping light at which mid-grey lies, as far as the picture tells. */
export const midShareOf = ([red, green, blue]: VideoResponse): number =>
  (red[MID_CODE] + green[MID_CODE] + blue[MID_CODE]) / 3;

/**
 * Integer linear values of every code, red's first, then green's and blue's (3 x 256).
 *
 * @param whiteLevel value of light that clips
 */
export function linearTable(response: VideoResponse, whiteLevel: number): Uint16Array {
  const table = new Uint16Array(3 * CODES);
  response.forEach((curve, c) => {
    for (let code = 0; code < CODES; code++)
      table[c * CODES + code] = Math.round(whiteLevel * Math.min(1, Math.max(0, curve[code])));
  });
  return table;
}

/**
 * Linear light of a processed frame.
 *
 * @param rgba the frame's bytes, `4 * pixels`
 * @param table linear value of each code, 3 x 256
 * @param out `3 * pixels`
 */
export function linearise(
  rgba: Uint8Array | Uint8ClampedArray,
  table: Uint16Array,
  out: Uint16Array,
): void {
  for (let i = 0, o = 0; o < out.length; i += 4, o += 3) {
    out[o] = table[rgba[i]];
    out[o + 1] = table[CODES + rgba[i + 1]];
    out[o + 2] = table[2 * CODES + rgba[i + 2]];
  }
}

/**
 * A picture of linear light as a camera of this response would show it.
 *
 * @param data linear red, green, blue of every pixel, LINEAR_WHITE where it clips
 * @returns bytes, `4 * pixels`
 */
export function codesOfLinear(data: Uint16Array, response: VideoResponse): Uint8ClampedArray {
  const tables = response.map((curve) => {
    const table = new Uint8ClampedArray(LINEAR_WHITE + 1);
    for (let level = 0, code = 0; level <= LINEAR_WHITE; level++) {
      const share = level / LINEAR_WHITE;
      // The nearer of the two codes between which the light lies.
      while (code < CODES - 1 && curve[code] + curve[code + 1] < 2 * share) code++;
      table[level] = code;
    }
    return table;
  });
  const rgba = new Uint8ClampedArray((4 * data.length) / 3).fill(255);
  for (let i = 0, o = 0; i < data.length; i += 3, o += 4) {
    rgba[o] = tables[0][data[i]];
    rgba[o + 1] = tables[1][data[i + 1]];
    rgba[o + 2] = tables[2][data[i + 2]];
  }
  return rgba;
}
