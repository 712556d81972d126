import {
  asShotNeutral as neutralOf,
  invert,
  luminanceRow,
  profileAt,
  readNeutral,
  shadesOfGrey,
  whiteFromNeutral,
  whitePointOf,
  type Developer,
  type NeutralReading,
} from '@velmo/core/colour';
import { tonePlane, type Plane } from '@velmo/core/combine';
import { PIN_SHARE } from '@velmo/core/exposure';
import {
  applyGains,
  boxSeen,
  LINEAR_SHIFT,
  orientationOf,
  rawDeveloper,
  type DecodedRaw,
  type RawFile,
  type GainField,
} from '@velmo/core/files';
import {
  ladderBinTable,
  lumaNoise,
  markMosaicClips,
  peakingTable,
  rawStatistics,
  readRawSpot,
  sampleNeutral,
  toneLevels,
  zebraRawLevel,
  type MonitorSettings,
} from '@velmo/core/monitor';
import { AS_TAKEN, RawDeveloping, type Development, type Reframe } from '@velmo/core/recipe';
import {
  binLinear,
  binMosaic,
  demosaicMalvar,
  floorOfNoise,
  type PhotositeResponse,
  UNKNOWN_NOISE,
} from '@velmo/core/sensor';
import { lumaWeights, type LiveStage } from '../camera/live/liveStage';
import { watchedBy, type FrameMarks } from './frameMarks';
import { FrameView, type FrameReading, type FrameSummary } from './frameView';
import type { Piece } from './shownPicture';

/** A neutral place is read in a picture about so long. */
const NEUTRAL_PX = 700;
/** Share of the range below which nothing in a pixel clips. */
const UNCLIPPED = 0.98;

/** Scene-linear mid-grey after BaselineExposure. */
const MID_GREY = 0.18;

/** A stored raw, decoded. */
export class RawView extends FrameView {
  private readonly developer: Developer;
  /** Weights of camera red, green, blue in luminance. */
  private readonly luminance: readonly [number, number, number];
  /** What a neutral surface gives in red, green and blue, the largest 1. */
  private readonly neutral: readonly [number, number, number];
  /**
   * Share of the raw's range at mid-grey. Extended ISO lies below base: its mid-grey stands higher
   * in the same raw (BaselineExposure tells).
   */
  private readonly midGreyShare: number;

  private readonly file: RawFile;
  private readonly raw: Uint16Array;
  private readonly gains: GainField | null;
  private developing: RawDeveloping | null = null;

  constructor(private readonly decoded: DecodedRaw) {
    super();
    const { file, data, gains } = decoded;
    this.file = file;
    this.raw = data;
    this.gains = gains;
    this.developer = rawDeveloper(file);
    const white = whiteFromNeutral(file.profile, file.asShotNeutral);
    const { colorMatrix } = profileAt(file.profile, whitePointOf(white).kelvin);
    this.luminance = luminanceRow(invert(colorMatrix));
    this.neutral = neutralOf(file.profile, white);
    this.midGreyShare = MID_GREY / 2 ** file.baselineExposure;
  }

  summary(): FrameSummary {
    const { raw, exif, profile, asShotNeutral } = this.file;
    const { midGreyShare } = this;
    return {
      ...this.seen(raw.crop),
      exif,
      picture: this.pictureHistogram(),
      raw: {
        kind: raw.kind,
        statistics: rawStatistics(this.raw, raw.width, raw.samplesPerPixel, {
          blackLevel: raw.blackLevel,
          whiteLevel: raw.whiteLevel,
          midGreyShare,
        }),
        clipStops: Math.log2(1 / midGreyShare),
        floorStops: Math.log2(this.floorShare / midGreyShare),
        white: whitePointOf(whiteFromNeutral(profile, asShotNeutral)),
        unapplied: this.decoded.unapplied,
      },
    };
  }

  override asked(): Reframe | null {
    const { chosen } = this.file;
    if (!chosen) return null;
    return { ...AS_TAKEN, crop: boxSeen(this.orientation, { width: 1, height: 1 }, chosen) };
  }

  protected get size() {
    return this.file.raw.crop;
  }

  protected get orientation() {
    return orientationOf(this.file.orientation);
  }

  protected get finest(): 1 | 2 {
    return this.file.raw.kind === 'cfa' ? 2 : 1;
  }

  protected load(
    stage: LiveStage,
    piece: Piece,
    marks: FrameMarks | null,
    development: Development | null,
  ): void {
    if (development && !marks) {
      this.develop(stage, piece, development);
      return;
    }
    this.fill(stage, piece);
    // What the sensor held is watched; what the file corrects of it is for the picture.
    const monitors = marks && this.watch(stage, piece, marks);
    this.correct(stage, piece);
    if (development) this.develop(stage, piece, development);
    else stage.develop(this.developer);
    if (monitors) stage.watchPicture(monitors);
  }

  /** A piece as a recipe has it. */
  private develop({ picture }: LiveStage, piece: Piece, development: Development): void {
    this.developing ??= new RawDeveloping(this.decoded);
    const developed = this.developing.develop(development, 'srgb', piece);
    for (let y = 0; y < developed.height; y++)
      picture.data.set(developed.bytes(y), 4 * y * developed.width);
  }

  /** The light under which a place, 0..1 of what is seen, is neutral, or why it cannot be told. */
  neutralAt(at: { x: number; y: number }, reframe: Reframe): NeutralReading {
    const { stage, piece } = this.stagedWhole(NEUTRAL_PX, null);
    const { profile } = this.file;
    const { blackLevel, whiteLevel } = this.stagedLevels;
    const light = Float32Array.from(stage.raw, (v) => v - blackLevel);
    const top = UNCLIPPED * (whiteLevel - blackLevel);
    return readNeutral(
      profile,
      sampleNeutral(
        stage.raw,
        stage.width,
        stage.height,
        this.framing(reframe).placeInFile(at),
        PIN_SHARE,
        this.responseOf(piece.factor),
      ),
      // As in Field: the camera's own white, whatever white was held.
      shadesOfGrey(light, [top, top, top], profile),
    );
  }

  protected readInFile(at: { x: number; y: number }, radius: number): FrameReading {
    const { raw } = this.file;
    const { crop } = raw;
    const { mean, clipped } = readRawSpot(
      { ...raw, raw: this.raw },
      crop.x + at.x * crop.width - 0.5,
      crop.y + at.y * crop.height - 0.5,
      radius,
    );
    const least = 1 / (raw.whiteLevel - raw.blackLevel);
    const stops = (share: number): number => Math.log2(Math.max(least, share) / this.midGreyShare);
    const light = (rgb: readonly number[]): number =>
      rgb.reduce((sum, v, c) => sum + v * this.luminance[c], 0);
    const fullest = Math.max(...mean);
    return {
      kind: 'raw',
      stops: stops(light(mean) / light(this.neutral)),
      roomStops: clipped.some((share) => share > 0) ? 0 : Math.max(0, -Math.log2(fullest)),
      channels: [stops(mean[0]), stops(mean[1]), stops(mean[2])],
    };
  }

  protected tones({ raw: rgb, width, height }: LiveStage): Plane {
    const { blackLevel: black, whiteLevel } = this.stagedLevels;
    const range = whiteLevel - black;
    const data = new Float32Array(width * height);
    for (let p = 0, i = 1; p < data.length; p++, i += 3) data[p] = (rgb[i] - black) / range;
    return tonePlane({ data, width, height }, this.floorShare);
  }

  /** Black and white of what a stage holds. */
  private get stagedLevels() {
    const { kind, blackLevel, whiteLevel } = this.file.raw;
    const shift = kind === 'linear' ? LINEAR_SHIFT : 0;
    return { blackLevel: blackLevel >> shift, whiteLevel: whiteLevel >> shift };
  }

  /** Share of the range at which noise takes over; a step of it where the file does not tell. */
  private get floorShare(): number {
    const { noise, whiteLevel, blackLevel } = this.file.raw;
    return noise ? floorOfNoise(noise) : 1 / (whiteLevel - blackLevel);
  }

  /** Puts a piece's raw values into a stage. */
  private fill({ raw: rgb }: LiveStage, { x, y, width, height, factor }: Piece): void {
    const { raw } = this.file;
    const box = { x: raw.crop.x + x, y: raw.crop.y + y, width, height };
    if (raw.kind === 'linear') binLinear(this.raw, raw.width, box, factor, LINEAR_SHIFT, rgb);
    else if (factor === 1)
      demosaicMalvar(this.raw, raw.width, raw.height, raw.whiteLevel, box, rgb);
    // A block begins with red: where the crop does not, with the photosite before it.
    else binMosaic(this.raw, raw.width, { ...box, x: box.x & ~1, y: box.y & ~1 }, factor, rgb);
  }

  /** Applies the file's gain maps: shading of the lens, mostly. */
  private correct({ raw: rgb }: LiveStage, { x, y, width, height, factor }: Piece): void {
    if (!this.gains) return;
    const { raw } = this.file;
    const box = { x: raw.crop.x + x, y: raw.crop.y + y, width, height };
    applyGains(rgb, this.gains, box, factor, this.stagedLevels);
  }

  /** Monitors of what a stage holds, on the raw's own scale. */
  private watch(stage: LiveStage, piece: Piece, marks: FrameMarks): MonitorSettings {
    const { raw } = this.file;
    const { monitors, luma, levels, noise } = this.watching(piece.factor, marks);
    const range = levels.whiteLevel - levels.blackLevel;
    const tables = {
      ...levels,
      bins: ladderBinTable(levels.blackLevel, levels.whiteLevel, this.midGreyShare),
      crushedLevel: raw.noise
        ? levels.blackLevel + Math.round(range * floorOfNoise(raw.noise))
        : levels.blackLevel,
      luma,
      zebraLevel: zebraRawLevel(monitors.zebra, levels),
      ...toneLevels(null, this.midGreyShare, levels),
    };
    stage.monitor(tables);
    if (raw.kind === 'cfa') {
      const [x, y] = [raw.crop.x + piece.x, raw.crop.y + piece.y];
      const { width, height } = stage;
      const { factor } = piece;
      const inRaw = { x, y, width, height, factor };
      markMosaicClips(this.raw, raw.width, raw.whiteLevel, inRaw, stage.result.marks);
    }
    if (marks.edges) stage.peak(tables, peakingTable(monitors.peakingStrength, levels, noise));
    return monitors;
  }

  private watching(factor: number, marks: FrameMarks) {
    const luma = lumaWeights(this.luminance);
    return {
      monitors: watchedBy(marks),
      levels: this.stagedLevels,
      luma,
      noise: lumaNoise(this.responseOf(factor), luma),
    };
  }

  /** What is known of pixels of so many photosites a side. */
  private responseOf(factor: number): PhotositeResponse {
    const levels = this.stagedLevels;
    const range = levels.whiteLevel - levels.blackLevel;
    const { scale, offset } = this.file.raw.noise ?? UNKNOWN_NOISE;
    const averaged = factor * factor;
    // The same noise in electrons: signal over the square of what is left of it.
    const electronsPerDn = averaged / (scale * range);
    return {
      ...levels,
      saturationE: electronsPerDn * range,
      readNoiseE: Math.sqrt(offset / averaged) * range * electronsPerDn,
      electronsPerDn,
      prnu: 0,
    };
  }
}
