import {
  combinedDng,
  combinedPicture,
  combinedShot,
  isPicture,
  wayOf,
  type CombineChoices,
  type Corrections,
  type Dab,
  type CombinedLight,
  type FinishChoices,
  type MovedChoice,
  type Reach,
  type WayId,
} from '@velmo/core/combine';
import { orientationOf, placeInFile, withMetadata, type Moment } from '@velmo/core/files';
import { madeFile } from '../camera/files/madeFile';
import { canvasOf, jpegBytes, orientedCanvas, thumbnailUrl } from '../camera/files/thumbnail';
import { Surface } from '../camera/live/surface';
import type { MadeFile } from '../storage/frames/madeFrame';
import { exposeKept } from '../workers/exposeKept';
import { Combination, type CombineSource } from './combination';
import { choiceMask } from './choiceMask';
import { movedMask } from './movedMask';

/** What is known once frames were combined. */
export interface CombinedFacts {
  /** Which of the sources it looks like. */
  readonly reference: number;
  /** Places where something moved; null: that is not looked for. */
  readonly moved: number | null;
  /** Which frame is taken where was chosen, and can be painted over. */
  readonly chosen: boolean;
  /** Places of the sources that could not be laid on the others, and are not in it. */
  readonly leftOut: readonly number[];
  /** They had moved, and were laid on one another. */
  readonly aligned: boolean;
  /** 16 bits hold its range. */
  readonly fitsWhole: boolean;
  /** What each source holds. */
  readonly reach: readonly Reach[];
}

/** What a canvas is to show. */
export interface CombineLook {
  /** Of the canvas, in device pixels. */
  readonly width: number;
  readonly height: number;
  readonly finish: FinishChoices | null;
  /** Where things moved is hatched, and which frame is taken where is coloured. */
  readonly mask: boolean;
}

/** A place of the picture as seen, 0..1 of its sides. */
export interface SeenPlace {
  readonly x: number;
  readonly y: number;
}

/** A combined frame's files, and what was found out on the way. */
export interface MadeCombination {
  readonly files: readonly MadeFile[];
  readonly thumbnail: string;
  readonly width: number;
  readonly height: number;
  /** Null of a picture: what a sensor held is not known. */
  readonly clippedShare: readonly [number, number, number] | null;
}

/** What is shown small is made of a whole number of photosites: this much larger at most. */
const FINER = 1.6;
const BESIDE = '#141414';
/** White, but for how numbers of 32 bits are rounded. */
const CLIPS = 1 - 1e-6;
const JPEG_QUALITY = 0.92;
const PREVIEW_LONG_PX = 1200;
const PREVIEW_QUALITY = 0.85;
/** Parts of making a frame, as shares of its time. */
const FINISHED = 0.5;
const ENCODED = 0.6;
/** What there is so far is shown no more often. */
const PART_MS = 150;

const combination = new Combination();
let surface: Surface | null = null;
let look: CombineLook | null = null;

/** Draws what there is as it is to be looked at. */
function draw(): void {
  if (!surface || !look || !combination.isThere || look.width < 1 || look.height < 1) return;
  const { canvas, context } = surface;
  const { finish, mask } = look;
  const { moved, choice, result } = combination.combined;
  const { orientation, raw } = result.file;
  const small = combination.small(finish, FINER * Math.max(look.width, look.height));
  const picture = canvasOf(small.data, small.width, small.height);
  const over = (layer: OffscreenCanvas): void => picture.getContext('2d')!.drawImage(layer, 0, 0);
  if (mask && moved) over(movedMask(moved, raw.crop, small.width, small.height));
  if (mask && choice) over(choiceMask(choice, raw.crop, small.width, small.height));
  const seen = orientedCanvas(picture, orientation, Infinity);
  canvas.width = Math.round(look.width);
  canvas.height = Math.round(look.height);
  const scale = Math.min(canvas.width / seen.width, canvas.height / seen.height);
  const [w, h] = [seen.width * scale, seen.height * scale];
  context.fillStyle = BESIDE;
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.drawImage(seen, (canvas.width - w) / 2, (canvas.height - h) / 2, w, h);
}

function facts(): CombinedFacts {
  const { reference, moved, choice, leftOut, aligned } = combination.combined;
  return {
    reference,
    leftOut,
    aligned,
    moved: moved ? moved.regions.length : null,
    chosen: choice !== null,
    fitsWhole: combination.fitsWhole,
    reach: combination.reach,
  };
}

/** Share of the photosites seen of each colour that clip in all frames. */
function clippedShare({ light, file }: CombinedLight): [number, number, number] {
  const { width, samplesPerPixel: n, crop } = file.raw;
  const counts = [0, 0, 0];
  const all = [0, 0, 0];
  for (let y = crop.y; y < crop.y + crop.height; y++)
    for (let k = n * crop.x; k < n * (crop.x + crop.width); k++) {
      const c = n === 3 ? k % 3 : (k & 1) + (y & 1);
      all[c]++;
      if (light[y * width * n + k] >= CLIPS) counts[c]++;
    }
  return [counts[0] / all[0], counts[1] / all[1], counts[2] / all[2]];
}

/** A place of the picture as seen as one of the raw, both 0..1 of the sides. */
function placeInRaw(seen: SeenPlace): SeenPlace {
  const { raw, orientation } = combination.combined.result.file;
  const { crop, width, height } = raw;
  const at = placeInFile(orientationOf(orientation), seen);
  return { x: (crop.x + at.x * crop.width) / width, y: (crop.y + at.y * crop.height) / height };
}

const api = {
  attach(canvas: OffscreenCanvas): void {
    surface = new Surface(canvas);
    draw();
  },
  /** True once something is drawn. */
  show(next: CombineLook): boolean {
    look = next;
    draw();
    return combination.isThere;
  },
  /** Combines frames anew; what there is so far is shown on the way. */
  async combine(
    way: WayId,
    sources: readonly CombineSource[],
    corrections: Corrections,
    onFrame: (done: number) => void,
  ): Promise<CombinedFacts> {
    let shownAt = -Infinity;
    await combination.combine(way, sources, corrections, onFrame, () => {
      if (performance.now() - shownAt < PART_MS) return;
      draw();
      shownAt = performance.now();
      performance.mark('velmo-combined-part');
    });
    performance.mark('velmo-combined');
    draw();
    return facts();
  },
  /** Takes other frames where a hand has said so. */
  correct(corrections: Corrections): CombinedFacts {
    combination.correct(corrections);
    draw();
    return facts();
  },
  /** What moved at a place of the picture as seen, 0..1; null: nothing did. */
  movedAt(x: number, y: number): MovedChoice | null {
    const at = placeInRaw({ x, y });
    return combination.movedAt(at.x, at.y);
  },
  /**
   * Dabs over the raw for places of the picture as seen, 0..1.
   *
   * @param radius in shares of the picture's longer side
   */
  dabsAt(stroke: readonly SeenPlace[], radius: number, frame: number): Dab[] {
    const { crop, width, height } = combination.combined.result.file.raw;
    const share = Math.max(crop.width, crop.height) / Math.max(width, height);
    return stroke.map((at) => ({ ...placeInRaw(at), radius: radius * share, frame }));
  },
  /** The frame itself, at full size. */
  async make(
    choices: CombineChoices,
    capturedAt: Moment,
    onShare: (share: number) => void,
  ): Promise<MadeCombination> {
    // Taken now: other frames may be asked for while this one is made.
    const { combined, files } = combination;
    const { file } = combined.result;
    const { finishes } = wayOf(choices.way);
    const full = combinedPicture(combined, finishes ? choices.finish : null, (share) =>
      onShare(FINISHED * share),
    );
    const picture = canvasOf(full.data, full.width, full.height);
    const seen = orientedCanvas(picture, file.orientation, Infinity);
    const jpeg = await jpegBytes(seen, JPEG_QUALITY);
    onShare(ENCODED);
    const used = files.filter((_, i) => !combined.leftOut.includes(i));
    const shot = combinedShot(choices.way, file, used, capturedAt, 'Velmo');
    const jpegFile = madeFile('jpeg', '.jpg', withMetadata(jpeg, seen.width, seen.height, shot));
    const small = orientedCanvas(picture, 1, PREVIEW_LONG_PX);
    // What was made of pictures holds nothing a sensor held.
    const dng = isPicture(file)
      ? null
      : combinedDng(
          combined.result,
          choices.floating,
          {
            jpeg: await jpegBytes(small, PREVIEW_QUALITY),
            width: small.width,
            height: small.height,
          },
          shot,
          (share) => onShare(ENCODED + (1 - ENCODED) * share),
        );
    return {
      files: dng ? [madeFile('dng', '.dng', dng), jpegFile] : [jpegFile],
      thumbnail: await thumbnailUrl(picture, file.orientation),
      width: seen.width,
      height: seen.height,
      clippedShare: isPicture(file) ? null : clippedShare(combined.result),
    };
  },
};

/** What the worker answers. */
export type CombineApi = typeof api;
exposeKept(api);
