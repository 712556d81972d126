import equal from 'fast-deep-equal';
import { keptValue } from './keptValue';

/** Pixels of a video frame. */
export interface FrameSize {
  readonly width: number;
  readonly height: number;
}

/** One of the cameras of this device. */
export interface CameraEntry {
  /** The browser's name for it, which lasts as long as the site's data. */
  readonly id: string;
  /** What the system calls it; empty before the camera has been allowed. */
  readonly label: string;
}

/** A camera of this device; `camera` left out: the one that looks away from the photographer. */
export interface BrowserChoice {
  readonly device: 'browser';
  readonly camera?: CameraEntry;
  /** Left out: the device's usual. */
  readonly size?: FrameSize;
}

/** Which camera Field looks through. */
export type CameraChoice = { readonly device: 'simulated'; readonly scene: string } | BrowserChoice;

const text = (maxLength: number) => ({ type: 'string', maxLength });
const pixels = { type: 'integer', minimum: 16, maximum: 16384 };

/** JSON Schema of a camera that was chosen. */
export const CAMERA_CHOICE_SCHEMA = {
  $id: 'velmo/camera-choice/1',
  oneOf: [
    {
      type: 'object',
      properties: { device: { const: 'simulated' }, scene: text(64) },
      required: ['device', 'scene'],
      additionalProperties: false,
    },
    {
      type: 'object',
      properties: {
        device: { const: 'browser' },
        camera: {
          type: 'object',
          properties: { id: text(512), label: text(512) },
          required: ['id', 'label'],
          additionalProperties: false,
        },
        size: {
          type: 'object',
          properties: { width: pixels, height: pixels },
          required: ['width', 'height'],
          additionalProperties: false,
        },
      },
      required: ['device'],
      additionalProperties: false,
    },
  ],
} as const;

const kept = keptValue<CameraChoice>('camera', async (value) => {
  const { isValid } = await import('../validation');
  return isValid<CameraChoice>('cameraChoice', value) ? value : null;
});

/** What is known to be kept: opening the same camera again writes nothing. */
let known: CameraChoice | null = null;

/** The camera of last time; null when there is none that this version understands. */
export async function lastCamera(): Promise<CameraChoice | null> {
  const last = await kept.last();
  known = last;
  return last;
}

/** Keeps the camera for next time. */
export function keepCamera(choice: CameraChoice): void {
  if (equal(choice, known)) return;
  known = choice;
  kept.keep(choice);
}
