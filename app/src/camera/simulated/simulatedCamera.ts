import equal from 'fast-deep-equal';
import { Listeners } from '../../state/listeners';
import { transfer, type Remote } from 'comlink';
import type { PicturePoint } from '@velmo/core/exposure';
import { findLens, LENSES } from '@velmo/core/optics';
import { findScene, SCENES, type Scene } from '@velmo/core/scene';
import type { NeutralReading } from '@velmo/core/colour';
import type { PushedRight } from '@velmo/core/monitor';
import type { CapturePlan, SceneRange } from '@velmo/core/series';
import type { Settings } from '@velmo/core/settings';
import type { DrillPlace } from '@velmo/core/simulate';
import type { CameraDevice, CaptureEvents } from '../device/CameraDevice';
import type { CameraCapabilities } from '../device/capabilities';
import type { CapturedFrame } from '../device/capturedFrame';
import type { Readings } from '../device/readings';
import { ReadingsPort } from '../device/readingsPort';
import type { CameraRefusal } from '../device/refusal';
import { steppedCamera } from '../device/steppedCamera';
import { stoppedPicture } from '../device/stoppedPicture';
import { FIRST_VIEW, type Aim, type ViewOptions } from '../device/view';
import { momentAt } from '../files/frameJob';
import { sayLost } from '../files/lostWorker';
import { hastened, newClock, type ClockSetting } from './light/sceneClock';
import type { EarlyShot } from './live/earlyShot';
import { takeLive } from './live/liveWorker';
import { computesAhead, keepsLight } from './capture/lightRoom';
import { simulatedCapabilities } from './simulatedCapabilities';
import { SimulatedCapture } from './capture/simulatedCapture';
import type { SimulatedLiveApi } from './live/simulatedLive.worker';
import { simulatedFrames, type FrameMaker } from './capture/simulatedSeries';
import { jobOf, shotOf, type Standpoint } from './capture/simulatedShot';
import { draggedAim, liveFraming, reprojected } from './simulatedView';

/** A framing that is held so long is taken for one that a frame may be made of. */
const AT_REST_MS = 1200;

/** So long after the first reading Field shows it. */
const GO_ON_MS = 200;

/**
 * The built-in camera: light, sensor and lens computed from physics, for practice and for tests.
 */
export class SimulatedCamera implements CameraDevice {
  readonly kind = 'simulated';
  private readonly started = takeLive();
  private readonly live: Remote<SimulatedLiveApi> = this.started.api;
  /** Null once it has been told, or has been overtaken. */
  private early = this.started.early;
  /** What it read, once that is known. */
  private earlyReadings: Readings | null = null;
  private firstCanvas = this.started.early?.canvas ?? null;
  private readonly lost = new Listeners<CameraRefusal>();
  readonly onLost = this.lost.add;
  private closed = false;
  private hasCanvas = false;
  private readonly port = new ReadingsPort();
  private readonly shooting = new SimulatedCapture();
  private applied = 0;
  private settings: Settings | null = null;
  private capturing = 0;
  /** What captures that have begun still ask the live picture, and shutters that are open. */
  private readonly awaited = new Set<Promise<unknown>>();
  private options: ViewOptions = FIRST_VIEW;
  private aim: Aim = { yawRad: 0, pitchRad: 0 };
  private clock: ClockSetting = newClock();
  private scene: Scene;
  private drill: DrillPlace | null = null;
  /** Light is computed ahead. */
  private goesAhead = false;
  private resting: ReturnType<typeof setTimeout> | undefined;

  constructor(sceneId: string) {
    this.scene = findScene(sceneId) ?? SCENES[0];
    void this.early?.readings.then((readings) => (this.earlyReadings = readings));
    this.started.lost.catch(() => {
      if (this.closed) return;
      this.close();
      this.lost.tell(stoppedPicture());
    });
  }

  async open(): Promise<CameraCapabilities> {
    const target = { sceneId: this.scene.id, aim: this.aim };
    await this.started.ready.catch(() => {
      throw stoppedPicture();
    });
    const { remote } = this.port;
    // Not waited for: what is asked next comes after it.
    this.asked(this.live.open(target, transfer(remote, [remote]))).catch(() => {});
    void this.live.setClock(this.clock);
    // The picture comes first, and what is read of it; what was read early came before it.
    const stop = this.port.listen(() => {
      if (!this.hasCanvas) return;
      stop();
      setTimeout(() => this.goOn(), GO_ON_MS);
    });
    return simulatedCapabilities(this.scene);
  }

  /** Field is there: the picture has the processor, and the first press finds workers that run. */
  private goOn(): void {
    if (this.closed) return;
    void this.live.goOn();
    this.shooting.warm();
  }

  /** Goes to another place with the same camera: nothing is started anew. */
  goTo(sceneId: string): CameraCapabilities {
    this.scene = findScene(sceneId) ?? SCENES[0];
    this.aim = { yawRad: 0, pitchRad: 0 };
    this.look();
    return simulatedCapabilities(this.scene);
  }

  takeCanvas(): HTMLCanvasElement | null {
    const canvas = this.firstCanvas;
    this.firstCanvas = null;
    this.hasCanvas = canvas !== null;
    return canvas;
  }

  attach(canvas: OffscreenCanvas): void {
    this.hasCanvas = true;
    void this.live.attach(transfer(canvas, [canvas]));
  }

  apply(settings: Settings): number {
    this.settings = settings;
    this.applied++;
    this.rest();
    void this.live.apply(settings, this.applied);
    this.tellEarly(settings);
    return this.applied;
  }

  /** What the frame that was exposed early read, where it is the one that is asked for first. */
  private tellEarly(settings: Settings): void {
    const { early } = this;
    this.early = null;
    const { aim, applied, scene } = this;
    const { upright } = this.options;
    const asked: EarlyShot = { target: { sceneId: scene.id, aim }, settings, upright };
    if (!early || !equal(early.shot, asked)) return;
    const tell = (readings: Readings | null): void => {
      const isLatest = !this.closed && applied === this.applied;
      if (readings && isLatest) this.port.tell({ ...readings, applied });
    };
    // At once where it is known: what shows it is rendered together with the rest of Field.
    if (this.earlyReadings) tell(this.earlyReadings);
    else void early.readings.then(tell);
  }

  view(options: ViewOptions): void {
    this.options = options;
    this.goesAhead = computesAhead(options.lightAhead);
    this.shooting.keepLight(keepsLight(options.lightAhead));
    this.rest();
    void this.live.view(options);
  }

  pan(dx: number, dy: number): readonly PicturePoint[] {
    const before = this.framing(this.aim);
    this.aim = draggedAim(this.aim, before, dx, dy);
    const after = this.framing(this.aim);
    this.look();
    return this.options.pins.map((pin) => reprojected(pin, before, after));
  }

  inDrill(drill: DrillPlace | null): void {
    this.drill = drill;
  }

  hasten(factor: number): void {
    this.clock = hastened(this.clock, factor);
    void this.live.setClock(this.clock);
  }

  pushRight(allowedShare: number): Promise<PushedRight | null> {
    return this.asked(this.live.pushRight(allowedShare));
  }

  sceneRange(allowedShare: number): Promise<SceneRange | null> {
    return this.asked(this.live.sceneRange(allowedShare));
  }

  readNeutral(at: PicturePoint): Promise<NeutralReading | null> {
    return this.asked(this.live.readNeutral(at) as Promise<NeutralReading | null>);
  }

  attachLoupe(canvas: OffscreenCanvas): void {
    void this.live.attachLoupe(transfer(canvas, [canvas]));
  }

  refocus(): Promise<void> {
    return this.asked(this.live.refocus());
  }

  onReadings(listener: (readings: Readings) => void): () => void {
    return this.port.listen(listener);
  }

  capture(
    plan: CapturePlan,
    roll: string,
    events: CaptureEvents,
    stop: AbortSignal,
  ): AsyncIterable<CapturedFrame> {
    // Asked for in the order of the settings before and after it.
    const held = this.asked(this.live.hold(plan.focusFirst));
    held.catch(() => {});
    const from = this.standpoint();
    const camera = steppedCamera(simulatedCapabilities(this.scene), plan.settings);
    return simulatedFrames({ plan, held, from, camera }, this.makerFor(roll), events, stop);
  }

  private makerFor(roll: string): FrameMaker {
    return {
      meter: () => this.asked(this.live.hold(false)),
      awaited: (work) => {
        this.awaited.add(work);
        return work.finally(() => this.awaited.delete(work));
      },
      shoot: (shot, events, ofSeries) =>
        this.busyWith(this.shooting.shoot(shot, jobOf(shot, roll), events, ofSeries)),
      gather: (shots, gather, onPicture) =>
        this.busyWith(this.shooting.gather(shots, gather, (shot) => jobOf(shot, roll), onPicture)),
      forgetSeries: () => this.shooting.forgetSeries(),
    };
  }

  /** The live picture makes room while a frame is made. */
  private async busyWith<T>(work: Promise<T>): Promise<T> {
    this.capturing++;
    void this.live.busy(true);
    try {
      return await work;
    } finally {
      this.capturing--;
      void this.live.busy(this.capturing > 0);
      this.rest();
    }
  }

  /**
   * Closes once every capture that has begun knows what it will take: leaving Field loses nothing.
   */
  close(): void {
    this.closed = true;
    this.firstCanvas?.remove();
    clearTimeout(this.resting);
    void Promise.allSettled([...this.awaited]).then(() => {
      this.shooting.close();
      this.port.close();
      this.started.end();
    });
  }

  /** What the live picture answers; rejects with a sentence when its worker goes meanwhile. */
  private asked<T>(answer: Promise<T>): Promise<T> {
    return Promise.race([answer, this.started.lost]).catch(sayLost);
  }

  /** Anew at rest from now on: what is framed then may be asked for next. */
  private rest(): void {
    clearTimeout(this.resting);
    this.shooting.restAhead();
    if (!this.goesAhead || this.closed) return;
    // A worker that goes meanwhile is replaced by the next press.
    this.resting = setTimeout(() => this.computeAhead().catch(() => {}), AT_REST_MS);
  }

  private async computeAhead(): Promise<void> {
    const { settings, resting } = this;
    if (!settings || this.capturing > 0 || document.hidden) return;
    // How far lens and hand spread light depends on what the frame would be exposed with.
    const exposure = await this.asked(this.live.hold(false));
    const stillRests = resting === this.resting && this.capturing === 0 && !this.closed;
    if (!exposure || !stillRests) return;
    const place = { startS: 0, capturedAt: momentAt(0), biasClicks: 0, series: null };
    await this.shooting.prepare(shotOf(settings, exposure, this.standpoint(), place));
  }

  private standpoint(): Standpoint {
    const { yawRad, pitchRad } = this.framing(this.aim);
    const { upright } = this.options;
    const { scene, clock, drill } = this;
    return { scene, yawRad, pitchRad, upright, clock, drill };
  }

  held() {
    const { pitchRad } = this.framing(this.aim);
    return { up: [0, Math.cos(pitchRad), -Math.sin(pitchRad)] as const };
  }

  private look(): void {
    this.applied++;
    this.rest();
    void this.live.look({ sceneId: this.scene.id, aim: this.aim }, this.applied);
  }

  private framing(aim: Aim) {
    const lens = findLens(this.settings?.lens ?? 'main') ?? LENSES[1];
    return liveFraming(this.scene.id, aim, lens, this.settings?.crop ?? 1, this.options.upright);
  }
}
