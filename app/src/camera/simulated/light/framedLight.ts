import equal from 'fast-deep-equal';
import type { RegionTarget } from '@velmo/core/simulate';
import type { LensModel } from '@velmo/core/optics';
import { fastestSky, type Framing, type OpenShutter, type Scene } from '@velmo/core/scene';
import type { LightPlane } from '@velmo/core/sensor';
import type { Settings } from '@velmo/core/settings';
import type { Aim } from '../../device/view';
import { liveFraming, sceneOf, sensorFraming, type LiveAim } from '../simulatedView';
import { LightOnSensor, type Look } from './lightOnSensor';
import { MovingLight } from './movingLight';
import { StillLight } from './stillLight';

/** A scene as it is framed. */
export interface FramedScene {
  readonly framing: Framing;
  /** The same on the sensor itself: for focusing and the loupe. */
  readonly sensor: RegionTarget;
  /** Of what turns fastest of the sky in it; null: no sky. */
  readonly cosDeclination: number | null;
}

/**
 * The light of what the camera is turned to: what keeps still once a framing, what moves laid over
 * it, then through lens and hand, a frame at a time.
 */
export class FramedLight {
  scene: Scene;
  /** Null before the first framing has been rendered. */
  framed: FramedScene | null = null;
  /** The framing has changed and is to be rendered with the next frame: many changes cost one. */
  isStale = false;
  private aim: Aim;
  /** By the width of the picture they are laid over: upright and on its side. */
  private readonly movings = new Map<number, MovingLight>();
  private moving: MovingLight | null = null;
  private readonly optics = new LightOnSensor();
  private readonly still: StillLight;

  /** @param onRefined called when the still light of the framing has become sharper */
  constructor({ sceneId, aim }: LiveAim, onRefined: () => void) {
    this.scene = sceneOf(sceneId);
    this.aim = aim;
    this.still = new StillLight(() => {
      // What has been finished of a framing that is left already is worth nothing.
      if (!this.isStale) onRefined();
    });
  }

  /** Still and moving light together; null before the first framing. */
  get composed(): LightPlane | null {
    return this.moving?.composed ?? null;
  }

  /**
   * The same, or the few pixels it was enlarged from, which hold as much and are read in no time.
   */
  get smallest(): LightPlane | null {
    const { coarse } = this.still;
    return coarse && !this.scene.moves ? coarse : this.composed;
  }

  /** The still light is as sharp as it gets. */
  get refined(): boolean {
    return this.still.refined;
  }

  /** Whether it is this scene from this direction. */
  looksAt({ sceneId, aim }: LiveAim): boolean {
    return sceneOf(sceneId) === this.scene && equal(aim, this.aim);
  }

  /** Another scene, or the same from another direction; true where it is another. */
  look({ sceneId, aim }: LiveAim): boolean {
    const scene = sceneOf(sceneId);
    const isAnother = scene !== this.scene;
    this.scene = scene;
    this.aim = aim;
    this.isStale = true;
    return isAnother;
  }

  /** Renders the still light of the framing anew. `layMoving` must follow. */
  frame({ crop, torch }: Settings, lens: LensModel, upright: boolean): void {
    const { scene } = this;
    this.isStale = false;
    const framing = liveFraming(scene.id, this.aim, lens, crop, upright);
    const onSensor = sensorFraming(framing, lens, crop, upright);
    this.framed = {
      framing,
      sensor: { scene, framing: onSensor, lens, torch },
      cosDeclination: fastestSky(scene, framing),
    };
    this.still.frame(scene, framing, lens, torch);
  }

  /** The still light has changed: lays what moves over it. */
  layMoving(lens: LensModel, shutter: OpenShutter): void {
    if (!this.framed) return;
    const { plane } = this.still;
    const moving = this.movings.get(plane.width) ?? new MovingLight(plane.width, plane.height);
    this.movings.set(plane.width, moving);
    this.moving = moving;
    const { framing } = this.framed;
    moving.aim({ scene: this.scene, framing, lens, still: plane }, shutter);
    this.optics.renew();
  }

  /** Light through lens and hand while the shutter is open; three values a pixel. */
  through(look: Look): Float32Array {
    const moving = this.moving!;
    return this.optics.through(moving.composed, moving.advance(look), look);
  }

  /** Nothing becomes sharper until `goOn`. */
  rest(): void {
    this.still.rest();
  }

  goOn(): void {
    this.still.goOn();
  }

  stop(): void {
    this.still.stop();
  }
}
