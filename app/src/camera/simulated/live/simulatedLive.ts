import type { RegionTarget } from '@velmo/core/simulate';
import type { NeutralReading } from '@velmo/core/colour';
import {
  isoFromClick,
  timeSFromClick,
  type PicturePoint,
  type Solution,
} from '@velmo/core/exposure';
import { findLens, type LensModel } from '@velmo/core/optics';
import { fastestSky, type Framing, type Scene } from '@velmo/core/scene';
import {
  cameraProfile,
  electronsPerLuminance,
  exposeLive,
  photositeResponse,
} from '@velmo/core/sensor';
import type { HeldExposure } from '@velmo/core/series';
import type { Settings } from '@velmo/core/settings';
import { FIRST_VIEW, type Aim, type ViewOptions } from '../device/view';
import type { Readings } from '../device/readings';
import { FrameLoop } from '../live/frameLoop';
import { LiveQuestions, type Exposed, type Question } from './liveQuestions';
import {
  liveRendering,
  sameRendering,
  type LiveRendering,
  type RenderingKey,
} from './liveRendering';
import { lampStripes, LightOnSensor, type Look } from './light/lightOnSensor';
import { LiveFocus, pieceExposure } from './liveFocus';
import { LiveMeter } from './liveMeter';
import { LiveStage } from '../live/liveStage';
import { Loupe } from './loupe';
import { MovingLight } from './light/movingLight';
import { sceneTimeS, type ClockSetting } from './light/sceneClock';
import { readPins } from './pinReadings';
import {
  liveFraming,
  LONG_PX,
  sceneOf,
  sensorFraming,
  SHORT_PX,
  type LiveAim,
} from './simulatedView';
import { sameLoupe, sameMeter } from '../device/sameAsked';
import { zoneAt } from './simulatedFocus';
import { StillLight } from './light/stillLight';
import { Surface } from '../live/surface';

const LIVE_RATE = 30;
/**
 * While a frame is being exposed its workers need the processor: the picture stays live, more
 * slowly.
 */
const BUSY_RATE = 8;
/** Time of the very first picture, before its light has been read: 1/15 s. */
const FIRST_CLICK = -12;

/**
 * The live picture of the simulated phone: scene to light once a framing, light to picture once a
 * frame.
 */
export class SimulatedLive {
  private surface: Surface | null = null;
  private stage = new LiveStage(LONG_PX, SHORT_PX);
  private settings: Settings | null = null;
  private applied = 0;
  private options: ViewOptions = FIRST_VIEW;
  private scene: Scene;
  private aim: Aim = { yawRad: 0, pitchRad: 0 };
  private framing: Framing | null = null;
  private cosDeclination: number | null = null;
  /** By the width of the picture they are laid over: upright and on its side. */
  private readonly movings = new Map<number, MovingLight>();
  private moving: MovingLight | null = null;
  /** The framing has changed and is to be rendered with the next frame: many changes cost one. */
  private stale = false;
  private readonly optics = new LightOnSensor();
  private readonly focus = new LiveFocus();
  private readonly loupe = new Loupe();
  /** What the sensor itself looks at: for focusing and the loupe. */
  private sensor: RegionTarget | null = null;
  private readonly meter = new LiveMeter();
  private capturing = false;
  private exposed: Exposed | null = null;
  private latest: Readings | null = null;
  private rendering: LiveRendering | null = null;
  private readonly questions = new LiveQuestions();
  private clock: ClockSetting = { epochMs: 0, sceneS: 0, factor: 1 };
  private seed = 1;
  private readonly loop = new FrameLoop(() => this.tick(), LIVE_RATE);
  private readonly still = new StillLight(() => {
    // What has been finished of a framing that is left already is worth nothing.
    if (this.stale) return;
    this.relight();
    this.loop.soon();
  });

  constructor(
    target: LiveAim,
    private readonly report: (readings: Readings) => void,
  ) {
    this.scene = sceneOf(target.sceneId);
    this.aim = target.aim;
  }

  attach(canvas: OffscreenCanvas): void {
    this.surface = new Surface(canvas);
    this.loop.start();
  }

  apply(settings: Settings, applied: number): void {
    const before = this.settings;
    this.settings = settings;
    this.applied = applied;
    this.focus.apply(settings.focus, this.lens());
    const reframed =
      settings.lens !== before?.lens ||
      settings.crop !== before.crop ||
      settings.torch !== before.torch;
    if (reframed) this.stale = true;
    else if (!sameMeter(settings.meter, before.meter)) this.measure();
    this.loop.soon();
  }

  /** Another scene, or the same from another direction. */
  look({ sceneId, aim }: LiveAim, applied: number): void {
    const scene = sceneOf(sceneId);
    if (scene !== this.scene) this.focus.elsewhere();
    this.scene = scene;
    this.aim = aim;
    this.applied = applied;
    this.stale = true;
    this.loop.soon();
  }

  attachLoupe(canvas: OffscreenCanvas): void {
    this.loupe.attach(canvas);
    this.loop.soon();
  }

  /** See `CameraDevice.refocus`. */
  async refocus(): Promise<void> {
    await this.focus.again();
  }

  /**
   * What a frame is exposed with that is asked for now, whatever is asked for while the lens still
   * moves; null before anything is known.
   */
  async hold(focusFirst: boolean): Promise<HeldExposure | null> {
    if (this.stale) this.frame();
    const { settings, meter } = this;
    if (!settings || !meter.highlights) return null;
    const { timeClick, isoClick } = this.solved(settings);
    const white = meter.white(settings);
    const focusDioptres = await (focusFirst ? this.focus.again() : this.focus.settled());
    return { timeClick, isoClick, white, focusDioptres };
  }

  view(options: ViewOptions): void {
    const before = this.options;
    const turned = options.upright !== before.upright;
    this.options = options;
    if (!sameLoupe(options.loupe, before.loupe)) {
      this.loupe.look(options.loupe);
      // A loupe under a finger does not wait for the picture behind it.
      const shown = turned || this.stale ? null : this.loupe.again();
      if (shown && this.latest) {
        this.report({ ...this.latest, loupe: shown });
        return;
      }
    }
    if (turned) {
      this.stage = options.upright
        ? new LiveStage(SHORT_PX, LONG_PX)
        : new LiveStage(LONG_PX, SHORT_PX);
      this.stale = true;
    }
    this.loop.soon();
  }

  setClock(clock: ClockSetting): void {
    this.clock = clock;
  }

  /** A capture is under way, or no more. Settings still show at once. */
  busy(capturing: boolean): void {
    this.capturing = capturing;
    // White balance kept still while a series ran: it follows the light again.
    if (!capturing) this.measure();
    this.loop.pace(capturing ? BUSY_RATE : LIVE_RATE);
  }

  close(): void {
    this.still.stop();
    this.loop.stop();
  }

  private lens(): LensModel {
    return findLens(this.settings?.lens ?? 'main') ?? findLens('main')!;
  }

  private *tick(): Generator<void, void> {
    // A new framing is drawn in the tick that renders it: while the camera turns, another waits
    // already.
    if (this.stale) this.frame();
    yield* this.draw();
  }

  private frame(): void {
    const { settings } = this;
    if (!settings) return;
    this.stale = false;
    const lens = this.lens();
    const { upright } = this.options;
    this.framing = liveFraming(this.scene.id, this.aim, lens, settings.crop, upright);
    this.cosDeclination = fastestSky(this.scene, this.framing);
    this.sensor = {
      scene: this.scene,
      framing: sensorFraming(this.framing, lens, settings.crop, upright),
      lens,
      torch: settings.torch,
    };
    this.focus.reframed();
    this.still.frame(this.scene, this.framing, lens, settings.torch);
    this.relight();
  }

  /** The still light has changed: lay what moves over it, and read it. */
  private relight(): void {
    if (!this.framing || !this.settings) return;
    const { plane } = this.still;
    const moving = this.movings.get(plane.width) ?? new MovingLight(plane.width, plane.height);
    this.movings.set(plane.width, moving);
    this.moving = moving;
    const timeS = timeSFromClick(
      this.rendering ? this.solved(this.settings).timeClick : FIRST_CLICK,
    );
    moving.aim(
      { scene: this.scene, framing: this.framing, lens: this.lens(), still: plane },
      { startS: sceneTimeS(this.clock), timeS },
    );
    this.optics.renew();
    this.measure();
  }

  private measure(): void {
    const { moving, settings, scene, capturing } = this;
    if (moving && settings)
      this.meter.measure(moving.composed, scene, this.lens(), settings, capturing);
  }

  /** Asks the latest frame something; null before the first. */
  ask<T>(question: Question<T>): T | null {
    const { exposed, latest, stage, questions } = this;
    return exposed && latest ? question(questions, exposed, stage, latest.clipStops) : null;
  }

  /** See `CameraDevice.readNeutral`; null before the first frame. */
  readNeutral(at: PicturePoint): NeutralReading | null {
    const profile = cameraProfile(this.lens().sensor.sensitivities);
    return (
      this.exposed &&
      this.questions.readNeutral(this.exposed, this.stage, at, profile, this.meter.foundWhite)
    );
  }

  /** One frame; pauses where a newer one may take its place. */
  private *draw(): Generator<void, void> {
    // Settings may change while the frame pauses: it is reported as what it was made with.
    const { surface, settings, moving, stage, applied, framing, sensor } = this;
    const { highlights } = this.meter;
    if (!surface || !settings || !moving || !highlights || this.stale) return;
    if (!framing || !sensor || moving.composed.width !== stage.width) return;
    const lens = this.lens();
    const lightClicks = this.meter.lightClicks(settings, lens);
    const solution = this.meter.solve(settings, lightClicks);
    const timeS = timeSFromClick(solution.timeClick);
    const iso = isoFromClick(solution.isoClick);
    const binning = lens.sensor.widthPx / settings.crop / LONG_PX;
    const white = this.meter.white(settings);
    const { options, scene } = this;
    const { monitors, upright } = options;
    const { timeClick, isoClick, differenceClicks, outOfRange } = solution;
    const rendering = this.renderingFor({ isoClick, lens, scene, white, monitors, binning });
    const response = photositeResponse(lens.sensor, iso, binning);
    const perLight =
      electronsPerLuminance(lens.sensor, binning, timeS, lens.fNumber) / 2 ** settings.filterStops;
    const startS = sceneTimeS(this.clock);
    const { composed } = moving;
    const piece = pieceExposure(settings, iso, lens, { timeS, startS, seed: this.seed });
    // Frames of one series share one focus.
    if (!this.capturing) this.focus.step(sensor, piece, upright, composed);
    const focus = this.focus.reading;
    const { dioptres } = focus;
    const look: Look = { scene, framing, lens, settings, dioptres, timeS, startS, upright };
    const light = this.optics.through(composed, moving.advance({ startS, timeS }), look);
    const stripes = lampStripes(stage, look);
    exposeLive(light, stage.width, response, perLight, this.seed++, stage.raw, stripes);
    this.exposed = { light, stripes, response, perLight, tables: rendering.tables };
    yield;
    stage.monitor(rendering.tables);
    if (options.peaking) stage.peak(rendering.tables, rendering.peaking);
    stage.develop(rendering.developer);
    yield;
    const picture = stage.watchPicture(monitors);
    if (options.depth !== 'off')
      stage.showDepth(composed.depthM, zoneAt(lens, settings.crop, dioptres), options.depth);
    stage.present(surface, options);
    const loupe = this.loupe.draw(sensor, { ...piece, dioptres }, rendering.developer, upright);
    this.latest = {
      applied,
      timeClick,
      isoClick,
      differenceClicks,
      outOfRange,
      ev100: this.meter.ev100(settings),
      lightClicks,
      estimated: false,
      histogram: stage.result.histogram.slice(),
      ...stage.shares(),
      picture,
      white,
      gains: rendering.gains,
      overClipStops: highlights.map((peak) =>
        Math.log2((peak * perLight) / response.saturationE),
      ) as [number, number, number],
      clipStops: rendering.clipStops,
      floorStops: rendering.floorStops,
      pins: readPins(options.pins, light, stage, perLight / response.saturationE, rendering),
      focus,
      loupe,
      refined: this.still.refined,
      cosDeclination: this.cosDeclination,
    };
    this.report(this.latest);
  }

  private solved(settings: Settings): Solution {
    return this.meter.solve(settings, this.meter.lightClicks(settings, this.lens()));
  }

  private renderingFor(key: RenderingKey): LiveRendering {
    if (!this.rendering || !sameRendering(this.rendering.key, key))
      this.rendering = liveRendering(key);
    return this.rendering;
  }
}
