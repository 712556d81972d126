import { transfer, wrap, type Remote } from 'comlink';
import { COMP_CLICKS, type Settings } from '@velmo/core/settings';
import { findScene, SCENES } from '@velmo/core/scene';
import { LENSES } from '@velmo/core/optics';
import type { SimulatedShot } from '@velmo/core/capture';
import type { StoredFrame } from '../rolls/frameRecord';
import type { SimulatedLiveApi } from '../workers/simulatedLive.worker';
import type {
  CameraCapabilities,
  CameraDevice,
  CaptureProgress,
  Readings,
  ViewOptions,
} from './CameraDevice';
import { ReadingsPort } from './readingsPort';
import { SimulatedCapture } from './simulatedCapture';
import { BASE_ISO_CLICK, ISO_RANGE, TIME_RANGE } from './simulatedRanges';

/** The built-in camera: light, sensor and lens computed from physics, for practice and for tests. */
export class SimulatedCamera implements CameraDevice {
  readonly kind = 'simulated';
  private readonly worker: Worker;
  private readonly live: Remote<SimulatedLiveApi>;
  private readonly port = new ReadingsPort();
  private readonly shooting = new SimulatedCapture();
  private applied = 0;
  private capturing = 0;
  private upright = false;
  private readonly scene;

  constructor(sceneId: string) {
    this.scene = findScene(sceneId) ?? SCENES[0];
    this.worker = new Worker(new URL('../workers/simulatedLive.worker.ts', import.meta.url));
    this.live = wrap<SimulatedLiveApi>(this.worker);
  }

  async open(): Promise<CameraCapabilities> {
    await this.live.open(this.scene.id, transfer(this.port.remote, [this.port.remote]));
    return {
      label: this.scene.name,
      notice: 'Simulated: scene, lens and sensor are computed, not photographed.',
      time: TIME_RANGE,
      iso: ISO_RANGE,
      baseIsoClick: BASE_ISO_CLICK,
      compensation: COMP_CLICKS,
      lenses: LENSES.map((l) => ({ id: l.id, label: `${l.focalLength35Mm} mm f/${l.fNumber}` })),
      sizesMp: [12, 3],
      knowsSupport: true,
      files: 'DNG',
    };
  }

  attach(canvas: OffscreenCanvas): void {
    void this.live.attach(transfer(canvas, [canvas]));
  }

  apply(settings: Settings): number {
    this.applied++;
    void this.live.apply(settings, this.applied);
    return this.applied;
  }

  view(options: ViewOptions): void {
    this.upright = options.upright;
    void this.live.view(options);
  }

  onReadings(listener: (readings: Readings) => void): () => void {
    return this.port.listen(listener);
  }

  /** A simulated camera does not go away. */
  onLost(): () => void {
    return () => {};
  }

  async capture(
    settings: Settings,
    onProgress: (p: CaptureProgress) => void,
  ): Promise<StoredFrame> {
    const latest = await this.port.settled(this.applied);
    if (latest?.timeClick == null || latest.isoClick == null)
      throw new Error('The light has not been read yet. Try again in a moment.');
    const now = new Date();
    const shot: SimulatedShot = {
      sceneId: this.scene.id,
      lensId: settings.lens,
      timeClick: latest.timeClick,
      isoClick: latest.isoClick,
      compClicks: settings.compClicks,
      program: programOf(settings),
      sizeMp: settings.sizeMp,
      upright: this.upright,
      ...this.scene.framing,
      seed: crypto.getRandomValues(new Uint32Array(1))[0],
      capturedAt: { epochMs: now.getTime(), offsetMinutes: -now.getTimezoneOffset() },
    };
    this.capturing++;
    void this.live.busy(true);
    try {
      return await this.shooting.shoot(shot, onProgress);
    } finally {
      this.capturing--;
      void this.live.busy(this.capturing > 0);
    }
  }

  close(): void {
    this.shooting.close();
    this.port.close();
    this.worker.terminate();
  }
}

/** Who chose the exposure, for the Exif. */
export function programOf({ time, iso }: Settings): SimulatedShot['program'] {
  if (time.mode === 'set') return iso.mode === 'set' ? 'manual' : 'time-held';
  return iso.mode === 'set' ? 'iso-held' : 'auto';
}
