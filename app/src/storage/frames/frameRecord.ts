import type { WhitePoint } from '@velmo/core/colour';
import { WAY_IDS, type CombineChoices } from '@velmo/core/combine';
import { SERIES_KINDS, type SeriesPlace } from '@velmo/core/series';

/**
 * Velmo makes the first four; raws of other makers are opened, and others where the browser reads
 * them.
 */
export const FILE_KINDS_STORED = [
  'dng',
  'jpeg',
  'tiff',
  'png',
  'webp',
  'avif',
  'heic',
  'raw',
] as const;
export type StoredKind = (typeof FILE_KINDS_STORED)[number];

/** One file of a frame, kept as chunks under its name. */
export interface StoredFile {
  readonly kind: StoredKind;
  readonly name: string;
  readonly bytes: number;
  readonly chunks: number;
}

/** How a frame came to be. */
export const FRAME_ORIGINS = [
  'raw',
  'video-frame',
  'photo',
  'photo-remade',
  'average',
  'opened',
  'combined',
] as const;
export type FrameOrigin = (typeof FRAME_ORIGINS)[number];

/** What a combined frame was made of, and how: it can be made again, with other choices. */
export interface CombineRecipe extends Omit<CombineChoices, 'painted'> {
  /** Left out: nothing was painted. */
  readonly painted?: CombineChoices['painted'];
  /** Ids of the frames, in the order in which they were made. */
  readonly sources: readonly string[];
}

/** What is known of a frame the moment it is made; null where the camera does not say. */
export interface FrameFacts {
  readonly id: string;
  /** Milliseconds since 1970. */
  readonly capturedAt: number;
  /** What it was made with: `file` was made elsewhere, and opened here. */
  readonly camera: 'simulated' | 'browser' | 'file';
  /** The simulated place's id, what the system calls the camera, or what the file does. */
  readonly place: string;
  readonly origin: FrameOrigin;
  readonly timeS: number | null;
  readonly iso: number | null;
  readonly compClicks: number | null;
  readonly lens: string | null;
  readonly focusDioptres: number | null;
  /**
   * Place at which focus was asked for, 0..1 of the picture as seen; null where it was held, and
   * null or left out where it is not known.
   */
  readonly focusedAt?: { readonly x: number; readonly y: number } | null;
  readonly white: Pick<WhitePoint, 'kelvin' | 'tint'> | null;
  /** Share of the frame that clips in raw red, green, blue. */
  readonly clippedShare: readonly [number, number, number] | null;
  /** Size of the largest picture in it, as seen. */
  readonly width: number;
  readonly height: number;
  /** Frames laid on one another, and how many times less noise they have. */
  readonly average: { readonly frames: number; readonly timesLess: number | null } | null;
  /** The roll it was made for: see `FrameDecision` for where it lies now. */
  readonly roll: string;
  /** What it is a step of. */
  readonly series: SeriesPlace | null;
  /**
   * Longest time in seconds that a hand would have held still (the reciprocal rule, stretched by
   * the stabiliser); null on a tripod, and null or left out where it is not known.
   */
  readonly longestHandheldS?: number | null;
  /** Null or left out: it was not combined from others. */
  readonly combined?: CombineRecipe | null;
}

/** The entry that makes a frame exist. */
export interface FrameRecord extends FrameFacts {
  readonly version: 2;
  /** What its files' names begin with; no other frame of this device has it. */
  readonly stem: string;
  readonly files: readonly StoredFile[];
  /** Of frames kept before version 2, which knew only words. */
  readonly words?: { readonly source: string; readonly summary: string };
}

/** Whether a file holds what a sensor held. */
export const isRaw = ({ kind }: StoredFile): boolean => kind === 'dng' || kind === 'raw';

/**
 * What a frame is looked at by: its raw, or the picture it was developed to; of a combined one the
 * finished picture, where it has one: its range shows only there.
 */
export const rawOrPicture = ({ files, combined }: FrameRecord): StoredFile =>
  (combined?.finish && files.find((file) => !isRaw(file))) || (files.find(isRaw) ?? files[0]);

const text = (maxLength: number) => ({ type: 'string', maxLength });
const numberOrNull = { type: ['number', 'null'] };
const shareOfSide = { type: 'number', minimum: 0, maximum: 1 };
const orNull = (schema: object) => ({ oneOf: [{ type: 'null' }, schema] });
const record = (properties: Record<string, object>, optional: readonly string[] = []) => ({
  type: 'object',
  properties,
  required: Object.keys(properties).filter((name) => !optional.includes(name)),
  additionalProperties: false,
});

/** JSON Schema of a FrameRecord. */
export const FRAME_RECORD_SCHEMA = {
  $id: 'velmo/frame/2',
  ...record(
    {
      version: { const: 2 },
      id: { type: 'string', pattern: '^[a-z0-9-]{8,64}$' },
      capturedAt: { type: 'number', minimum: 0 },
      camera: { enum: ['simulated', 'browser', 'file'] },
      place: text(200),
      origin: { enum: FRAME_ORIGINS },
      timeS: numberOrNull,
      iso: numberOrNull,
      compClicks: numberOrNull,
      lens: { type: ['string', 'null'], maxLength: 64 },
      focusDioptres: numberOrNull,
      white: orNull(record({ kelvin: { type: 'number' }, tint: { type: 'number' } })),
      clippedShare: orNull({
        type: 'array',
        minItems: 3,
        maxItems: 3,
        items: { type: 'number', minimum: 0, maximum: 1 },
      }),
      width: { type: 'integer', minimum: 0 },
      height: { type: 'integer', minimum: 0 },
      average: orNull(record({ frames: { type: 'integer', minimum: 1 }, timesLess: numberOrNull })),
      roll: text(200),
      stem: { type: 'string', minLength: 1, maxLength: 160 },
      series: orNull(
        record({
          id: text(64),
          kind: { enum: SERIES_KINDS },
          step: { type: 'integer', minimum: 0 },
          count: { type: 'integer', minimum: 1 },
        }),
      ),
      files: {
        type: 'array',
        minItems: 1,
        maxItems: 8,
        items: record({
          kind: { enum: FILE_KINDS_STORED },
          name: { type: 'string', minLength: 1, maxLength: 160 },
          bytes: { type: 'integer', minimum: 1 },
          chunks: { type: 'integer', minimum: 1, maximum: 4096 },
        }),
      },
      longestHandheldS: numberOrNull,
      focusedAt: orNull(record({ x: shareOfSide, y: shareOfSide })),
      combined: orNull(
        record(
          {
            sources: { type: 'array', minItems: 2, maxItems: 5000, items: text(64) },
            way: { enum: WAY_IDS },
            moved: {
              type: 'array',
              maxItems: 5000,
              items: record({ x: shareOfSide, y: shareOfSide, frame: { type: 'integer' } }),
            },
            painted: {
              type: 'array',
              maxItems: 20000,
              items: record({
                x: { type: 'number' },
                y: { type: 'number' },
                radius: shareOfSide,
                frame: { type: 'integer' },
              }),
            },
            finish: orNull(
              record({
                brightness: { type: 'number' },
                range: { type: 'number' },
                detail: { type: 'number' },
              }),
            ),
            floating: { type: 'boolean' },
          },
          ['painted'],
        ),
      ),
      words: record({ source: text(200), summary: text(200) }),
    },
    ['words', 'longestHandheldS', 'focusedAt', 'combined'],
  ),
} as const;

/** JSON Schema of a frame as it was kept before version 2. */
export const OLDER_FRAME_RECORD_SCHEMA = {
  $id: 'velmo/frame/1',
  type: 'object',
  properties: {
    version: { const: 1 },
    id: FRAME_RECORD_SCHEMA.properties.id,
    capturedAt: { type: 'number', minimum: 0 },
    source: text(200),
    summary: text(200),
    files: FRAME_RECORD_SCHEMA.properties.files,
    thumbnail: { type: 'string', pattern: '^data:image/jpeg;base64,' },
  },
  required: ['version', 'id', 'capturedAt', 'source', 'summary', 'files', 'thumbnail'],
  additionalProperties: false,
} as const;
