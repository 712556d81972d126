/**
 * Largest group of pixels, on a frame of 640 x 480, that counts as a speck: a glint, not a surface.
 */
export const SPECK_PIXELS = 8;

/** Pixels of a mask that lie in small groups, by the lowest three bits of their marks. */
export interface ComponentCounts {
  /** Pixels with the mask's bits in specks. */
  any: number;
  /** Of those, with bit 1, 2 and 4: red, green and blue where the mask is that of clipping. */
  readonly channels: Uint32Array;
}

export const createComponentCounts = (): ComponentCounts => ({
  any: 0,
  channels: new Uint32Array(3),
});

/** Finds small groups; owns its buffers, so that nothing is allocated from frame to frame. */
export class ConnectedComponents {
  /** Runs of marked pixels: first, past the last, group. */
  private first = new Int32Array(1024);
  private last = new Int32Array(1024);
  /** Parent in the forest of groups (union-find by smaller index), and pixels of each root. */
  private parent = new Int32Array(1024);
  private area = new Int32Array(1024);

  /**
   * Counts, and marks, pixels in groups (8-connected) of at most `most` pixels. Runs of a row are
   * joined with those they touch in the row above (Rosenfeld and Pfaltz 1966, on runs instead of
   * pixels).
   *
   * @param marks one byte a pixel, `width * height`; its offset must be a multiple of 4
   * @param bits a pixel belongs to the mask when any of these is set
   * @param speckBit set in `marks` for pixels in small groups; 0 = none
   */
  find(
    marks: Uint8Array,
    width: number,
    bits: number,
    most: number,
    speckBit: number,
    counts: ComponentCounts,
  ): void {
    const runs = this.collect(marks, width, bits);
    this.count(marks, runs, most, speckBit, counts);
  }

  private collect(marks: Uint8Array, width: number, bits: number): number {
    let runs = 0;
    let above = 0;
    let aboveEnd = 0;
    const height = marks.length / width;
    // Four pixels at a glance where none of them is marked, which is nearly everywhere.
    const words = new Uint32Array(marks.buffer, marks.byteOffset, marks.length >> 2);
    const four = bits * 0x01010101;
    for (let y = 0; y < height; y++) {
      const rowStart = runs;
      const end = (y + 1) * width;
      let p = y * width;
      let candidate = above;
      for (;;) {
        for (;;) {
          while ((p & 3) === 0 && p + 4 <= end && (words[p >> 2] & four) === 0) p += 4;
          if (p >= end || (marks[p] & bits) !== 0) break;
          p++;
        }
        if (p === end) break;
        const from = p;
        while (p < end && (marks[p] & bits) !== 0) p++;
        if (runs === this.first.length) this.grow();
        this.first[runs] = from;
        this.last[runs] = p;
        this.parent[runs] = runs;
        this.area[runs] = p - from;
        // Runs above that touch this one, corners included; the last may touch the next run as
        // well.
        while (candidate < aboveEnd && this.last[candidate] + width < from) candidate++;
        for (let k = candidate; k < aboveEnd && this.first[k] + width <= p; k++) this.join(k, runs);
        runs++;
      }
      above = rowStart;
      aboveEnd = runs;
    }
    return runs;
  }

  private root(run: number): number {
    const { parent } = this;
    let at = run;
    while (parent[at] !== at) {
      parent[at] = parent[parent[at]];
      at = parent[at];
    }
    return at;
  }

  private join(a: number, b: number): void {
    const ra = this.root(a);
    const rb = this.root(b);
    if (ra === rb) return;
    const low = ra < rb ? ra : rb;
    const high = ra < rb ? rb : ra;
    this.parent[high] = low;
    this.area[low] += this.area[high];
  }

  private count(
    marks: Uint8Array,
    runs: number,
    most: number,
    speckBit: number,
    counts: ComponentCounts,
  ): void {
    let any = 0;
    let red = 0;
    let green = 0;
    let blue = 0;
    for (let run = 0; run < runs; run++) {
      if (this.area[this.root(run)] > most) continue;
      for (let p = this.first[run]; p < this.last[run]; p++) {
        const mark = marks[p];
        any++;
        red += mark & 1;
        green += (mark >> 1) & 1;
        blue += (mark >> 2) & 1;
        marks[p] = mark | speckBit;
      }
    }
    counts.any = any;
    counts.channels[0] = red;
    counts.channels[1] = green;
    counts.channels[2] = blue;
  }

  private grow(): void {
    const grown = (old: Int32Array): Int32Array<ArrayBuffer> => {
      const larger = new Int32Array(2 * old.length);
      larger.set(old);
      return larger;
    };
    this.first = grown(this.first);
    this.last = grown(this.last);
    this.parent = grown(this.parent);
    this.area = grown(this.area);
  }
}
