/** The inner loops of focus peaking; addresses in bytes. See core/assembly/peak.ts. */
export interface PeakRoutines {
  lumaOf(
    raw: number,
    n: number,
    red: number,
    green: number,
    blue: number,
    most: number,
    out: number,
  ): void;
  markRow(
    luma: number,
    width: number,
    thresholds: number,
    floor: number,
    black: number,
    share: number,
    part: number,
    marks: number,
    bit: number,
  ): number;
}

/**
 * What core/assembly/peak.ts does, in TypeScript: for where there is no WebAssembly, and to check
 * it against.
 */
export function plainPeaks(buffer: ArrayBuffer): PeakRoutines {
  const words = new Uint16Array(buffer);
  const bytes = new Uint8Array(buffer);
  const isPeak = (i: number, step: number, least: number, part: number): boolean => {
    const twice = 2 * words[i];
    const bend = Math.abs(twice - words[i - step] - words[i + step]);
    if (bend <= least) return false;
    const [before, after] = [words[i - 2 * step], words[i + 2 * step]];
    const height = Math.max(Math.abs(after - before), Math.abs(twice - before - after));
    return 256 * bend >= part * height;
  };
  return {
    lumaOf(raw, n, red, green, blue, most, out) {
      for (let p = 0, i = raw >> 1, o = out >> 1; p < n; p++, i += 3, o++) {
        const sum = (red * words[i] + green * words[i + 1] + blue * words[i + 2]) >> 8;
        words[o] = sum < 0 ? 0 : sum > most ? most : sum;
      }
    },
    // Floor, black and share only spare the compiled loop a closer look.
    markRow(luma, width, thresholds, _floor, _black, _share, part, marks, bit) {
      let marked = 0;
      for (let x = 2; x < width - 2; x++) {
        const i = (luma >> 1) + x;
        const least = words[(thresholds >> 1) + words[i]];
        if (!isPeak(i, 1, least, part) && !isPeak(i, width, least, part)) continue;
        bytes[marks + x] |= bit;
        marked++;
      }
      return marked;
    },
  };
}
