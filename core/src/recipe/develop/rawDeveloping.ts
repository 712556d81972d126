import type { OutputSpace } from '../../colour/develop/outputSpace';
import type { LocalLine } from '../../combine/finish/guidedFilter';
import type { DecodedRaw } from '../../files/rawFile';
import type { PixelBox } from '../../optics/aspect';
import { UNKNOWN_NOISE } from '../../sensor/noiseProfile';
import { AS_EXPOSED, type Development } from '../development';
import { BandPlanes } from './bandPlanes';
import { denoise, NOISE_SCALES, noiseMargin, type ColourNoise } from './denoise';
import { LARGE_PARTS_PX, largeParts } from './largeParts';
import {
  columnsOf,
  fillDemosaiced,
  fillPlanes,
  rowsOf,
  smallLight,
  type LightPiece,
} from './lightOfRaw';
import { sharpen, SHARPEN_MARGIN } from './sharpen';
import { asShotBalance, planTone, type TonePlan } from './tonePlan';
import { PartsAlong, toneBand, tonedTables, type SidePlace } from './toneBand';

/** The part of a raw whose light lies in planes. */
interface HeldLight {
  readonly key: string;
  /** With what lies about the piece that was asked for. */
  readonly box: PixelBox;
}

/** A developed piece in planes that belong to the next one. */
export interface DevelopedPiece {
  readonly width: number;
  readonly height: number;
  /** Puts a row into bytes: RGBA, opaque. */
  bytes(y: number): Uint8ClampedArray<ArrayBuffer>;
  /** The same in 16 bits: RGB. */
  words(y: number): Uint16Array<ArrayBuffer>;
}

/**
 * Develops pieces of one raw by one recipe after another. Light is kept from piece to piece: a
 * change of the recipe only tones it anew, but for noise.
 */
export class RawDeveloping {
  private parts: LocalLine | null = null;
  private along: PartsAlong | null = null;
  private planes: BandPlanes | null = null;
  private held: HeldLight | null = null;
  private small: { readonly key: string; readonly light: Float32Array } | null = null;
  private planned: { readonly key: string; readonly plan: TonePlan } | null = null;

  /** @param plain true: without WebAssembly in any case */
  constructor(
    private readonly decoded: DecodedRaw,
    private readonly plain = false,
  ) {}

  /** @param piece in photosites of what is meant to be seen, in the file's own orientation */
  develop(development: Development, space: OutputSpace, piece: LightPiece): DevelopedPiece {
    const { box } = this.hold(piece, development);
    const planes = this.planes!;
    const plan = this.planOf(development, space);
    const { crop } = this.decoded.file.raw;
    const across = piece.factor / crop.width;
    const down = piece.factor / crop.height;
    const columns = { from: box.x / crop.width + across / 2, step: across };
    const rows = { from: box.y / crop.height + down / 2, step: down };
    toneBand(planes, plan, plan.local ? this.partsAlong(planes, columns) : null, rows);
    // Of what is seen smaller than it is, nothing is as fine as that.
    if (piece.factor === 1) sharpen(planes, development.sharpening);
    return {
      width: columnsOf(piece),
      height: rowsOf(piece),
      ...rowsOut(planes, piece, box),
    };
  }

  private partsAlong(planes: BandPlanes, columns: SidePlace): PartsAlong {
    const { along } = this;
    const isSame =
      along?.planes === planes &&
      along.columns.from === columns.from &&
      along.columns.step === columns.step;
    if (along && isSame) return along;
    this.along = new PartsAlong(planes, (this.parts ??= this.measured()), columns);
    return this.along;
  }

  private planOf(development: Development, space: OutputSpace): TonePlan {
    const key = JSON.stringify([development, space]);
    if (this.planned?.key !== key)
      this.planned = { key, plan: planTone(this.decoded.file, development, space) };
    return this.planned.plan;
  }

  private measured(): LocalLine {
    const { crop, kind } = this.decoded.file.raw;
    const step = kind === 'cfa' ? 2 : 1;
    const long = Math.max(crop.width, crop.height);
    const factor = step * Math.max(1, Math.ceil(long / LARGE_PARTS_PX / step));
    const piece = { x: 0, y: 0, width: crop.width, height: crop.height, factor };
    const light = smallLight(this.decoded, asShotBalance(this.decoded.file), piece);
    const plan = planTone(this.decoded.file, AS_EXPOSED);
    return largeParts(plan, light, columnsOf(piece), rowsOf(piece));
  }

  /** Sees to it that the light of a piece lies in the planes, noise taken out. */
  private hold(piece: LightPiece, { noise, sharpening }: Development): HeldLight {
    const { x, y, width, height, factor } = piece;
    const { decoded } = this;
    const { crop, kind } = decoded.file.raw;
    // Noise of scales that are averaged away is not looked for.
    const scales = Math.max(0, NOISE_SCALES - Math.round(Math.log2(factor)));
    const reach = (noise > 0 ? noiseMargin(scales) : 0) + (sharpening > 0 ? SHARPEN_MARGIN : 0);
    const beside = factor === 1 ? reach : 0;
    const left = Math.max(0, x - beside);
    const top = Math.max(0, y - beside);
    const box = {
      x: left,
      y: top,
      width: Math.min(crop.width, x + width + beside) - left,
      height: Math.min(crop.height, y + height + beside) - top,
      factor,
    };
    const key = JSON.stringify([box, noise]);
    if (this.held?.key === key) return this.held;
    this.held = null;
    const planes = this.planesOf(columnsOf(box), rowsOf(box));
    const isDemosaiced = kind === 'cfa' && factor === 1;
    if (isDemosaiced) fillDemosaiced(planes, decoded, asShotBalance(decoded.file), box);
    else fillPlanes(planes, this.smallOf(box));
    denoise(planes, this.noiseAt(factor), noise, scales, isDemosaiced);
    this.held = { key, box };
    return this.held;
  }

  /** Light of a piece seen smaller, kept: that of a whole frame is a mean of all its photosites. */
  private smallOf(piece: LightPiece): Float32Array {
    const key = JSON.stringify(piece);
    if (this.small?.key !== key) {
      const light = smallLight(this.decoded, asShotBalance(this.decoded.file), piece);
      this.small = { key, light };
    }
    return this.small.light;
  }

  private planesOf(width: number, height: number): BandPlanes {
    if (this.planes?.width !== width || this.planes.height !== height)
      this.planes = new BandPlanes(width, height, tonedTables(width), this.plain);
    return this.planes;
  }

  /** Noise of balanced light. */
  private noiseAt(factor: number): ColourNoise {
    const { raw } = this.decoded.file;
    const { scale, offset } = raw.noise ?? UNKNOWN_NOISE;
    const balance = asShotBalance(this.decoded.file);
    const of = (c: 0 | 1 | 2) => {
      const averaged =
        factor === 1 ? 1 : (factor * factor) / (raw.kind === 'linear' ? 1 : c === 1 ? 2 : 4);
      const k = balance[c];
      return { scale: (k * scale) / averaged, offset: (k * k * offset) / averaged };
    };
    return [of(0), of(1), of(2)];
  }
}

/** Rows of a piece out of planes that hold what lies about it, too. */
function rowsOut(planes: BandPlanes, piece: LightPiece, box: PixelBox) {
  const { loops, columns, rowAt } = planes;
  const left = piece.factor === 1 ? piece.x - box.x : 0;
  const top = piece.factor === 1 ? piece.y - box.y : 0;
  const width = columnsOf(piece);
  const row = (y: number) =>
    [
      planes.row('outRed', top + y),
      planes.row('outGreen', top + y),
      planes.row('outBlue', top + y),
    ] as const;
  return {
    bytes(y: number) {
      const [r, g, b] = row(y);
      loops.bytesRow(r, g, b, columns, rowAt);
      return planes.bytes(rowAt + 4 * left, 4 * width);
    },
    words(y: number) {
      const [r, g, b] = row(y);
      loops.wordsRow(r, g, b, columns, rowAt);
      return planes.words(rowAt + 6 * left, 3 * width);
    },
  };
}
