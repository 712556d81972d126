import { CODES, type VideoResponse } from '@velmo/core/response';
import { keptValue } from './keptValue';

/** How the light of one camera has been calibrated. */
export interface CameraLight {
  /** Its response, as recovered from a guided series; null: sRGB's is assumed. */
  readonly response: VideoResponse | null;
  /** When that was. */
  readonly measuredAt: number | null;
  /** What a grey card reads without this, in stops. */
  readonly greyStops: number;
  /**
   * What its exposure (time and ISO) has to be raised by to agree with another meter, in EV; null:
   * never compared.
   */
  readonly evOffset: number | null;
}

/** Nothing has been measured. */
export const UNKNOWN_LIGHT: CameraLight = {
  response: null,
  measuredAt: null,
  greyStops: 0,
  evOffset: null,
};

const curve = {
  type: 'array',
  minItems: CODES,
  maxItems: CODES,
  items: { type: 'number', minimum: 0, maximum: 1 },
};

/** JSON Schema of what is kept: the curves as plain numbers. */
export const CAMERA_LIGHT_SCHEMA = {
  $id: 'velmo/camera-light/1',
  type: 'object',
  properties: {
    version: { const: 1 },
    response: {
      oneOf: [{ type: 'null' }, { type: 'array', minItems: 3, maxItems: 3, items: curve }],
    },
    measuredAt: { type: ['number', 'null'] },
    greyStops: { type: 'number', minimum: -4, maximum: 4 },
    evOffset: { type: ['number', 'null'], minimum: -30, maximum: 30 },
  },
  required: ['version', 'response', 'measuredAt', 'greyStops', 'evOffset'],
  additionalProperties: false,
} as const;

/** A camera's light as it is kept. */
export interface KeptLight extends Omit<CameraLight, 'response'> {
  readonly version: 1;
  readonly response: readonly (readonly number[])[] | null;
}

const keptFor = (camera: string) =>
  keptValue<KeptLight>(`camera-light/${camera}`, async (value) => {
    const { isValid } = await import('../validation');
    return isValid<KeptLight>('cameraLight', value) && rises(value) ? value : null;
  });

/** A response that falls somewhere is none. */
const rises = ({ response }: KeptLight): boolean =>
  response === null || response.every((c) => c.every((v, i) => i === 0 || v >= c[i - 1]));

/** What is known of a camera's light from an earlier time. */
export async function lastLight(camera: string): Promise<CameraLight> {
  const kept = await keptFor(camera).last();
  if (!kept) return UNKNOWN_LIGHT;
  const { response, measuredAt, greyStops, evOffset } = kept;
  const curves = response?.map((c) => Float32Array.from(c)) ?? null;
  return {
    response: curves && [curves[0], curves[1], curves[2]],
    measuredAt,
    greyStops,
    evOffset,
  };
}

/** Keeps what was measured of a camera, under its name. */
export const keepLight = (camera: string, light: CameraLight): void =>
  keptFor(camera).keep({
    version: 1,
    ...light,
    response: light.response?.map((c) => Array.from(c)) ?? null,
  });
