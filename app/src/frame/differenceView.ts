import { drawDifference, type ComparedRaw, type RawComparison } from '@velmo/core/compare';
import { orientationOf, wayInFile, type DecodedRaw } from '@velmo/core/files';
import type { LiveStage } from '../camera/live/liveStage';
import { ShownPicture, type Piece } from './shownPicture';

/**
 * How two raws differ, as a picture: grey where they are the same but for an even difference in
 * brightness.
 */
export class DifferenceView extends ShownPicture {
  private readonly a: ComparedRaw;
  private readonly b: ComparedRaw;
  private readonly gains: readonly [number, number, number];
  /** Photosites of the file. */
  private moved = { x: 0, y: 0 };

  constructor(
    private readonly first: DecodedRaw,
    second: DecodedRaw,
    { channels }: RawComparison,
  ) {
    super();
    this.a = { ...first.file.raw, raw: first.data };
    this.b = { ...second.file.raw, raw: second.data };
    const gain = ({ stops }: { stops: number }): number =>
      Number.isFinite(stops) ? 2 ** stops : 1;
    this.gains = [gain(channels[0]), gain(channels[1]), gain(channels[2])];
  }

  /** Lays the second where it belongs, to whole cells. @param moved shares of the sides, as seen */
  lay(moved: { readonly x: number; readonly y: number }): void {
    const { width, height } = this.seen(this.size);
    const way = wayInFile(this.orientation, { x: moved.x * width, y: moved.y * height });
    const cells = { x: 2 * Math.round(way.x / 2), y: 2 * Math.round(way.y / 2) };
    if (cells.x === this.moved.x && cells.y === this.moved.y) return;
    this.moved = cells;
    this.changed();
  }

  protected get size() {
    return this.first.file.raw.crop;
  }

  protected get orientation() {
    return orientationOf(this.first.file.orientation);
  }

  protected readonly finest = 2;

  protected load({ picture, width, height }: LiveStage, { x, y, factor }: Piece): void {
    const { crop } = this.first.file.raw;
    const { a, b, gains, moved } = this;
    const piece = {
      x: crop.x + x,
      y: crop.y + y,
      width,
      height,
      factor,
      dx: moved.x,
      dy: moved.y,
    };
    drawDifference(a, b, gains, piece, picture.data);
  }
}
