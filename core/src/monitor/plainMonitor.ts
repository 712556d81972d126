/** The inner loops of the monitors; addresses in bytes. See core/assembly/monitor.ts. */
export interface MonitorRoutines {
  countPixels(
    raw: number,
    n: number,
    white: number,
    crushed: number,
    lr: number,
    lg: number,
    lb: number,
    zebra: number,
    toneFrom: number,
    toneTo: number,
    even: number,
    odd: number,
    size: number,
    marks: number,
    counts: number,
  ): void;
  countPicture(
    rgba: number,
    n: number,
    lr: number,
    lg: number,
    lb: number,
    zebra: number,
    even: number,
    odd: number,
    marks: number,
  ): number;
}

const ZEBRA = 16;

/**
 * What core/assembly/monitor.ts does, in TypeScript: for where there is no WebAssembly, for what is
 * left over of its blocks, and to check it against.
 */
export function plainMonitor(buffer: ArrayBuffer): MonitorRoutines {
  const words = new Uint16Array(buffer);
  const counted = new Uint32Array(buffer);
  const bytes = new Uint8Array(buffer);
  return {
    countPixels(raw, n, white, crushed, lr, lg, lb, zebra, from, to, even, _odd, size, marks, at) {
      const bright = Math.min(white, zebra);
      const [table, step, totals] = [even >> 2, size >> 2, at >> 2];
      for (let p = 0, i = raw >> 1; p < n; p++, i += 3) {
        const r = words[i];
        const g = words[i + 1];
        const b = words[i + 2];
        const sum = (lr * r + lg * g + lb * b) >> 8;
        const light = sum < 0 ? 0 : sum > white ? white : sum;
        counted[table + r]++;
        counted[table + step + g]++;
        counted[table + 2 * step + b]++;
        counted[table + 3 * step + light]++;
        const most = Math.max(r, g, b);
        const clipped = (r >= white ? 1 : 0) | (g >= white ? 2 : 0) | (b >= white ? 4 : 0);
        const dark = most <= crushed && most < bright;
        const toned = light >= from && light <= to;
        if (clipped !== 0) counted[totals]++;
        if (dark) counted[totals + 1]++;
        if (most >= zebra) counted[totals + 2]++;
        if (toned) counted[totals + 3]++;
        bytes[marks + p] =
          clipped | (dark ? 8 : 0) | (most >= zebra ? ZEBRA : 0) | (toned ? 32 : 0);
      }
    },
    countPicture(rgba, n, lr, lg, lb, zebra, even, _odd, marks) {
      let striped = 0;
      for (let p = 0, i = rgba, table = even >> 2; p < n; p++, i += 4) {
        const [r, g, b] = [bytes[i], bytes[i + 1], bytes[i + 2]];
        const luma = (lr * r + lg * g + lb * b + 32768) >> 16;
        counted[table + r]++;
        counted[table + 256 + g]++;
        counted[table + 512 + b]++;
        counted[table + 768 + luma]++;
        if (luma < zebra) continue;
        bytes[marks + p] |= ZEBRA;
        striped++;
      }
      return striped;
    },
  };
}
