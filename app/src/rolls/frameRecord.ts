/** One file of a frame, kept as chunks under its name. */
export interface StoredFile {
  readonly kind: 'dng' | 'jpeg' | 'tiff' | 'png';
  readonly name: string;
  readonly bytes: number;
  readonly chunks: number;
}

/** The index entry that makes a frame exist. Everything else is read from its files. */
export interface FrameRecord {
  readonly version: 1;
  readonly id: string;
  /** Milliseconds since 1970. */
  readonly capturedAt: number;
  /** Where it came from, as shown in lists: "Pans at noon (simulated)". */
  readonly source: string;
  /** Settings in words: "1/500 s · ISO 100". */
  readonly summary: string;
  readonly files: readonly StoredFile[];
  /** A small JPEG as a data URL. */
  readonly thumbnail: string;
}

/** A frame just stored, with the milliseconds its making took by stage. */
export interface StoredFrame {
  readonly record: FrameRecord;
  readonly stages: Readonly<Record<string, number>>;
}

/** JSON Schema of a FrameRecord. */
export const FRAME_RECORD_SCHEMA = {
  $id: 'velmo/frame/1',
  type: 'object',
  properties: {
    version: { const: 1 },
    id: { type: 'string', pattern: '^[a-z0-9-]{8,64}$' },
    capturedAt: { type: 'number', minimum: 0 },
    source: { type: 'string', maxLength: 200 },
    summary: { type: 'string', maxLength: 200 },
    files: {
      type: 'array',
      minItems: 1,
      maxItems: 8,
      items: {
        type: 'object',
        properties: {
          kind: { enum: ['dng', 'jpeg', 'tiff', 'png'] },
          name: { type: 'string', minLength: 1, maxLength: 128 },
          bytes: { type: 'integer', minimum: 1 },
          chunks: { type: 'integer', minimum: 1, maximum: 4096 },
        },
        required: ['kind', 'name', 'bytes', 'chunks'],
        additionalProperties: false,
      },
    },
    thumbnail: { type: 'string', pattern: '^data:image/jpeg;base64,' },
  },
  required: ['version', 'id', 'capturedAt', 'source', 'summary', 'files', 'thumbnail'],
  additionalProperties: false,
} as const;

/** A file with its bytes, as parts to be laid end to end. */
export interface FileToStore {
  readonly kind: StoredFile['kind'];
  readonly name: string;
  readonly parts: readonly Uint8Array[];
}

/** A frame that could not be kept: its files come along, so that nothing is lost. */
export class FrameNotStored extends Error {
  override readonly name = 'FrameNotStored';
  constructor(
    message: string,
    readonly files: readonly FileToStore[],
  ) {
    super(message);
  }
}
