import type { NeutralReading } from '@velmo/core/colour';
import { timeSFromClick, type PicturePoint, type Solution } from '@velmo/core/exposure';
import { findLens, type LensModel } from '@velmo/core/optics';
import { cameraProfile, exposeLive } from '@velmo/core/sensor';
import type { HeldExposure } from '@velmo/core/series';
import type { Settings } from '@velmo/core/settings';
import type { PictureReading, Readings } from '../../device/readings';
import { sameLoupe, sameMeter } from '../../device/sameAsked';
import { FIRST_VIEW, type ViewOptions } from '../../device/view';
import { FrameLoop } from '../../live/frameLoop';
import { LiveStage } from '../../live/liveStage';
import type { Surface } from '../../live/surface';
import { FramedLight } from '../light/framedLight';
import { lampStripes } from '../light/lightOnSensor';
import { newClock, sceneTimeS, type ClockSetting } from '../light/sceneClock';
import { LiveFocus } from './liveFocus';
import { LiveMeter } from './liveMeter';
import { LiveQuestions, type Exposed, type Question } from './liveQuestions';
import { liveReadings } from './liveReadings';
import { liveRendering, sameRendering, type LiveRendering } from './liveRendering';
import { liveShot, lookOf, type LiveShot } from './liveShot';
import { Loupe } from './loupe';
import { zoneAt } from '../simulatedFocus';
import { LONG_PX, SHORT_PX, type LiveAim } from '../simulatedView';

const LIVE_RATE = 30;
/**
 * While a frame is being exposed its workers need the processor, and before Field is there the page
 * does: the picture stays live, more slowly.
 */
const BUSY_RATE = 8;
/** Time of the very first picture, before its light has been read: 1/15 s. */
const FIRST_CLICK = -12;

const stageFor = (upright: boolean): LiveStage =>
  upright ? new LiveStage(SHORT_PX, LONG_PX) : new LiveStage(LONG_PX, SHORT_PX);

/**
 * The live picture of the simulated phone: scene to light once a framing, light to picture once a
 * frame.
 */
export class SimulatedLive {
  private surface: Surface | null = null;
  private stage: LiveStage;
  private settings: Settings | null = null;
  private applied = 0;
  private options: ViewOptions;
  private readonly light: FramedLight;
  private readonly focus = new LiveFocus();
  private readonly loupe = new Loupe();
  private readonly practice = this.loupe.practise();
  private readonly meter = new LiveMeter();
  private capturing = false;
  /** Field is not there yet. */
  private resting = false;
  private exposed: Exposed | null = null;
  private latest: Readings | null = null;
  private rendering: LiveRendering | null = null;
  private readonly questions = new LiveQuestions();
  private clock: ClockSetting = { epochMs: 0, sceneS: 0, factor: 1 };
  private seed = 1;
  private readonly loop = new FrameLoop(
    () => this.tick(),
    LIVE_RATE,
    () => this.afterwards(),
  );

  constructor(
    target: LiveAim,
    private readonly report: (readings: Readings) => void,
    upright = FIRST_VIEW.upright,
  ) {
    this.options = { ...FIRST_VIEW, upright };
    this.stage = stageFor(upright);
    this.light = new FramedLight(target, () => {
      this.relight();
      this.loop.soon();
    });
  }

  attach(surface: Surface): void {
    this.surface = surface;
    this.loop.start();
  }

  /**
   * The first frame, now; null where there is nothing of it. More of them come slowly, and none
   * sharper, until `goOn`: the page that is to open it needs the processor.
   */
  exposeEarly(settings: Settings): Readings | null {
    this.light.rest();
    this.resting = true;
    this.pace();
    this.setClock(newClock());
    // Marks come with Field.
    this.options = { ...this.options, marks: false };
    this.apply(settings, this.applied);
    const steps = this.tick();
    while (!steps.next().done);
    return this.latest;
  }

  /** At full pace, and sharper: Field is there. */
  goOn(): void {
    this.light.goOn();
    this.resting = false;
    this.pace();
  }

  /** Whether it is a scene from a direction that is looked at. */
  looksAt(target: LiveAim): boolean {
    return this.light.looksAt(target);
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
    if (reframed) this.light.isStale = true;
    else if (!sameMeter(settings.meter, before.meter)) this.measure();
    this.loop.soon();
  }

  /** Another scene, or the same from another direction. */
  look(target: LiveAim, applied: number): void {
    if (this.light.look(target)) this.focus.elsewhere();
    this.applied = applied;
    this.loop.soon();
  }

  attachLoupe(canvas: OffscreenCanvas): void {
    this.loupe.attach(canvas);
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
    if (this.light.isStale) this.frame();
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
      // A loupe under a finger does not wait for the picture behind it, nor that for a loupe.
      if (!turned) {
        if (before.loupe) this.showLoupe();
        return;
      }
    }
    if (turned) {
      this.stage = stageFor(options.upright);
      this.light.isStale = true;
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
    this.pace();
  }

  private pace(): void {
    this.loop.pace(this.capturing || this.resting ? BUSY_RATE : LIVE_RATE);
  }

  close(): void {
    this.light.stop();
    this.loop.stop();
  }

  private lens(): LensModel {
    return findLens(this.settings?.lens ?? 'main') ?? findLens('main')!;
  }

  private frame(): void {
    const { settings, options } = this;
    if (!settings) return;
    this.light.frame(settings, this.lens(), options.upright);
    this.focus.reframed();
    this.relight();
  }

  /** The still light has changed: lay what moves over it, and read it. */
  private relight(): void {
    const { settings, rendering, clock } = this;
    if (!settings) return;
    const timeS = timeSFromClick(rendering ? this.solved(settings).timeClick : FIRST_CLICK);
    this.light.layMoving(this.lens(), { startS: sceneTimeS(clock), timeS });
    this.measure();
  }

  private measure(): void {
    const { settings, light, capturing } = this;
    if (!light.composed || !settings) return;
    // Texture is finer than that.
    const plane = settings.meter.pattern === 'highlights' ? light.composed : light.smallest!;
    this.meter.measure(plane, light.scene, this.lens(), settings, capturing);
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
  private *tick(): Generator<void, void> {
    // A new framing is drawn in the tick that renders it: while the camera turns, another waits
    // already.
    if (this.light.isStale) this.frame();
    // Settings may change while the frame pauses: it is reported as what it was made with.
    const shot = this.shot();
    if (!shot) return;
    const rendering = this.renderingOf(shot);
    // Frames of one series share one focus.
    const { sensor } = shot.framed;
    if (!this.capturing) this.focus.step(sensor, shot.piece, shot.options.upright, shot.plane);
    const focus = this.focus.reading;
    const light = this.expose(shot, rendering, focus.dioptres);
    yield;
    this.read(shot, rendering);
    yield;
    const { developer } = rendering;
    shot.stage.develop(developer);
    yield;
    const picture = this.present(shot, focus.dioptres);
    const exposure = { ...shot.piece, dioptres: focus.dioptres };
    this.loupe.see({ target: sensor, exposure, developer, upright: shot.options.upright });
    const { refined } = this.light;
    const { reading } = this.loupe;
    this.latest = liveReadings(shot, { light, rendering, focus, picture, loupe: reading, refined });
    this.report(this.latest);
  }

  /** What waits until a picture is on its way. */
  private afterwards(): void {
    if (!this.loupe.draw() && this.light.refined) this.practice.next();
  }

  /** Shows the loupe where it has been moved to. */
  private showLoupe(): void {
    const shown = this.light.isStale ? null : this.loupe.draw();
    if (shown && this.latest) this.report({ ...this.latest, loupe: shown });
  }

  /** How the next frame is exposed; null while there is nothing to expose. */
  private shot(): LiveShot | null {
    const { settings, stage, applied, options, meter, light } = this;
    const { composed: plane, framed, scene } = light;
    const { highlights } = meter;
    if (!settings || !plane || !highlights || !framed || light.isStale) return null;
    if (plane.width !== stage.width) return null;
    const lens = this.lens();
    const lightClicks = meter.lightClicks(settings, lens);
    return liveShot({
      ...{ applied, settings, options, lens, scene, framed, plane, stage, highlights },
      lightClicks,
      ev100: meter.ev100(settings),
      solution: meter.solve(settings, lightClicks),
      white: meter.white(settings),
      startS: sceneTimeS(this.clock),
      seed: this.seed++,
    });
  }

  /** Exposes the raw of a shot; returns the light it got. */
  private expose(shot: LiveShot, { tables }: LiveRendering, dioptres: number): Float32Array {
    const { stage, response, perLight, seed } = shot;
    const look = lookOf(shot, dioptres);
    const light = this.light.through(look);
    const stripes = lampStripes(stage, look);
    exposeLive(light, stage.width, response, perLight, seed, stage.raw, stripes);
    this.exposed = { light, stripes, response, perLight, tables };
    return light;
  }

  /** Reads the raw. */
  private read({ stage, options }: LiveShot, { tables, peaking }: LiveRendering): void {
    stage.monitor(tables);
    if (options.peaking) stage.peak(tables, peaking);
  }

  /** Reads the picture, prints over it what is wanted, and shows it where there is a canvas. */
  private present(shot: LiveShot, dioptres: number): PictureReading | null {
    const { stage, options, plane, lens, settings } = shot;
    const picture = stage.watchPicture(options.monitors);
    if (options.depth !== 'off')
      stage.showDepth(plane.depthM, zoneAt(lens, settings.crop, dioptres), options.depth);
    if (this.surface) stage.present(this.surface, options);
    return picture;
  }

  private solved(settings: Settings): Solution {
    return this.meter.solve(settings, this.meter.lightClicks(settings, this.lens()));
  }

  private renderingOf({ solution, lens, scene, white, options, binning }: LiveShot): LiveRendering {
    const { isoClick } = solution;
    const key = { isoClick, lens, scene, white, monitors: options.monitors, binning };
    if (!this.rendering || !sameRendering(this.rendering.key, key))
      this.rendering = liveRendering(key);
    return this.rendering;
  }
}
