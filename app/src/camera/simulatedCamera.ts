import { transfer, wrap, type Remote } from 'comlink';
import {
  SIMULATED_BASE_ISO_CLICK,
  SIMULATED_ISO,
  SIMULATED_TIME,
  simulatedSituation,
  simulatedSolverInput,
  type SimulatedShot,
} from '@velmo/core/capture';
import { METER_PATTERNS, timeSFromClick, type PicturePoint } from '@velmo/core/exposure';
import { croppedSize, findLens, LENSES } from '@velmo/core/optics';
import { findScene, SCENES, type Scene } from '@velmo/core/scene';
import { WHITE_KELVIN, type NeutralReading, type WhitePoint } from '@velmo/core/colour';
import type { PushedRight } from '@velmo/core/monitor';
import { COMP_CLICKS, FILE_KINDS, type Settings } from '@velmo/core/settings';
import type { Naming } from '../rolls/fileNames';
import type { StoredFrame } from '../rolls/frameRecord';
import type { SimulatedLiveApi } from '../workers/simulatedLive.worker';
import {
  FIRST_VIEW,
  type Aim,
  type CameraCapabilities,
  type CameraDevice,
  type CaptureProgress,
  type Readings,
  type ViewOptions,
} from './CameraDevice';
import { ReadingsPort } from './readingsPort';
import { hastened, keepOpen, nowMs, sceneTimeS, type ClockSetting } from './sceneClock';
import { SimulatedCapture } from './simulatedCapture';
import { simulatedFocus } from './simulatedFocus';
import { draggedAim, liveFraming, reprojected } from './simulatedView';

/** A shutter open for longer than this shows its progress and can be closed early. */
const LONG_S = 0.25;

/** The built-in camera: light, sensor and lens computed from physics, for practice and for tests. */
export class SimulatedCamera implements CameraDevice {
  readonly kind = 'simulated';
  /** Its light is computed. */
  readonly calibration = null;
  private readonly worker: Worker;
  private readonly live: Remote<SimulatedLiveApi>;
  private readonly port = new ReadingsPort();
  private readonly shooting = new SimulatedCapture();
  private applied = 0;
  private settings: Settings | null = null;
  private capturing = 0;
  /** Captures that have begun and still ask the live picture what they will take. */
  private readonly aiming = new Set<Promise<SimulatedShot>>();
  private options: ViewOptions = FIRST_VIEW;
  private aim: Aim = { yawRad: 0, pitchRad: 0 };
  private clock: ClockSetting = { epochMs: nowMs(), sceneS: 0, factor: 1 };
  private scene: Scene;

  constructor(sceneId: string) {
    this.scene = findScene(sceneId) ?? SCENES[0];
    this.worker = new Worker(new URL('../workers/simulatedLive.worker.ts', import.meta.url));
    this.live = wrap<SimulatedLiveApi>(this.worker);
  }

  async open(): Promise<CameraCapabilities> {
    const target = { sceneId: this.scene.id, aim: this.aim };
    await this.live.open(target, transfer(this.port.remote, [this.port.remote]));
    void this.live.setClock(this.clock);
    return this.capabilities();
  }

  /** Goes to another place with the same camera: nothing is started anew. */
  goTo(sceneId: string): CameraCapabilities {
    this.scene = findScene(sceneId) ?? SCENES[0];
    this.aim = { yawRad: 0, pitchRad: 0 };
    this.look();
    return this.capabilities();
  }

  attach(canvas: OffscreenCanvas): void {
    void this.live.attach(transfer(canvas, [canvas]));
  }

  apply(settings: Settings): number {
    this.settings = settings;
    this.applied++;
    void this.live.apply(settings, this.applied);
    return this.applied;
  }

  view(options: ViewOptions): void {
    this.options = options;
    void this.live.view(options);
  }

  pan(dx: number, dy: number): readonly PicturePoint[] {
    const before = this.framing(this.aim);
    this.aim = draggedAim(this.aim, before, dx, dy);
    const after = this.framing(this.aim);
    this.look();
    return this.options.pins.map((pin) => reprojected(pin, before, after));
  }

  hasten(factor: number): void {
    this.clock = hastened(this.clock, factor);
    void this.live.setClock(this.clock);
  }

  pushRight(allowedShare: number): Promise<PushedRight | null> {
    return this.live.pushRight(allowedShare);
  }

  readNeutral(at: PicturePoint): Promise<NeutralReading | null> {
    return this.live.readNeutral(at);
  }

  attachLoupe(canvas: OffscreenCanvas): void {
    void this.live.attachLoupe(transfer(canvas, [canvas]));
  }

  refocus(): Promise<void> {
    return this.live.refocus();
  }

  onReadings(listener: (readings: Readings) => void): () => void {
    return this.port.listen(listener);
  }

  /** It does what it is asked. */
  onRefused(): () => void {
    return () => {};
  }

  /** A simulated camera does not go away. */
  onLost(): () => void {
    return () => {};
  }

  async capture(
    settings: Settings,
    naming: Naming,
    onProgress: (p: CaptureProgress) => void,
    stop: AbortSignal,
  ): Promise<StoredFrame> {
    const aimed = this.aimed(settings, onProgress, stop);
    this.aiming.add(aimed);
    const shot = await aimed.finally(() => this.aiming.delete(aimed));
    this.capturing++;
    void this.live.busy(true);
    try {
      return await this.shooting.shoot(shot, naming, onProgress);
    } finally {
      this.capturing--;
      void this.live.busy(this.capturing > 0);
    }
  }

  /** The shot as it will be: light, white and focus settled, the shutter opened and closed. */
  private async aimed(
    settings: Settings,
    onProgress: (p: CaptureProgress) => void,
    stop: AbortSignal,
  ): Promise<SimulatedShot> {
    const focusDioptres = await this.live.settledFocus();
    const latest = await this.port.settled(this.applied);
    if (latest?.timeClick == null || latest.isoClick == null)
      throw new Error('The light has not been read yet. Try again in a moment.');
    const { timeClick, isoClick, white } = latest;
    if (!white) throw new Error('The light has not been read yet. Try again in a moment.');
    const shot = this.shotOf(settings, timeClick, isoClick, white, focusDioptres);
    return { ...shot, timeS: await this.openShutter(shot.timeS, onProgress, stop) };
  }

  /** Closes once every capture that has begun knows what it will take: leaving Field loses nothing. */
  close(): void {
    void Promise.allSettled([...this.aiming]).then(() => {
      this.shooting.close();
      this.port.close();
      this.worker.terminate();
    });
  }

  /** Waits while the shutter is open, in scene time; returns how long it was. */
  private async openShutter(
    timeS: number,
    onProgress: (p: CaptureProgress) => void,
    stop: AbortSignal,
  ): Promise<number> {
    if (timeS < LONG_S) return timeS;
    return keepOpen(
      timeS,
      this.clock.factor,
      (goneS) => onProgress({ share: goneS / timeS, stage: openWords(goneS, timeS), open: true }),
      stop,
    );
  }

  private shotOf(
    settings: Settings,
    timeClick: number,
    isoClick: number,
    white: WhitePoint,
    focusDioptres: number,
  ): SimulatedShot {
    const now = new Date();
    const { yawRad, pitchRad } = this.framing(this.aim);
    return {
      sceneId: this.scene.id,
      lensId: settings.lens,
      crop: settings.crop,
      timeS: timeSFromClick(timeClick),
      isoClick,
      compClicks: settings.compClicks,
      meter: settings.meter.pattern,
      program: programOf(settings),
      focusDioptres,
      sizeMp: settings.sizeMp,
      files: settings.files,
      jpegQuality: settings.jpegQuality,
      aspect: settings.aspect,
      white: { kelvin: white.kelvin, tint: white.tint },
      whiteIsAuto: settings.white.mode === 'auto',
      upright: this.options.upright,
      yawRad,
      pitchRad,
      filterStops: settings.filterStops,
      torch: settings.torch,
      steady: settings.support === 'tripod',
      stabiliserStops: settings.stabiliserStops,
      mainsHz: settings.mainsHz,
      startS: sceneTimeS(this.clock),
      seed: crypto.getRandomValues(new Uint32Array(1))[0],
      capturedAt: { epochMs: now.getTime(), offsetMinutes: -now.getTimezoneOffset() },
    };
  }

  private look(): void {
    this.applied++;
    void this.live.look({ sceneId: this.scene.id, aim: this.aim }, this.applied);
  }

  private framing(aim: Aim) {
    const lens = findLens(this.settings?.lens ?? 'main') ?? LENSES[1];
    return liveFraming(this.scene.id, aim, lens, this.settings?.crop ?? 1, this.options.upright);
  }

  private capabilities(): CameraCapabilities {
    const { scene } = this;
    return {
      label: scene.name,
      notice: 'Simulated: scene, lens and sensor are computed, not photographed.',
      time: SIMULATED_TIME,
      iso: SIMULATED_ISO,
      baseIsoClick: SIMULATED_BASE_ISO_CLICK,
      compensation: COMP_CLICKS,
      lenses: LENSES.map((l) => ({ id: l.id, label: `${l.focalLength35Mm} mm f/${l.fNumber}` })),
      sizesMp: [12, 3],
      hasRig: true,
      meterPatterns: METER_PATTERNS,
      canPan: true,
      focus: simulatedFocus,
      longSidePx: ({ lens, crop }) => croppedSize(findLens(lens) ?? LENSES[1], crop, 1).widthPx,
      hasDepth: true,
      white: { kelvin: WHITE_KELVIN, tint: true },
      zoomMax: null,
      hasTorch: true,
      canLock: true,
      averages: false,
      takesPhotos: false,
      frameSizes: [],
      frameSize: null,
      letGoWhenHidden: false,
      fileKinds: FILE_KINDS,
      hasAspect: true,
      readsRaw: true,
      dngIs: 'DNG',
      solverInput: simulatedSolverInput,
      situation: (settings, readings) =>
        simulatedSituation(scene, settings, readings?.cosDeclination ?? null),
    };
  }
}

/** "Open 12 of 20 s": whole seconds where the time is long. */
function openWords(goneS: number, timeS: number): string {
  const digits = timeS < 3 ? 1 : 0;
  return `Open ${goneS.toFixed(digits)} of ${timeS.toFixed(digits)} s`;
}

/** Who chose the exposure, for the Exif. */
export function programOf({ time, iso }: Settings): SimulatedShot['program'] {
  if (time.mode === 'set') return iso.mode === 'set' ? 'manual' : 'time-held';
  return iso.mode === 'set' ? 'iso-held' : 'auto';
}
