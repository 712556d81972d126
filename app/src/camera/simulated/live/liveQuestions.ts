import {
  readNeutral,
  type CameraProfile,
  type NeutralReading,
  type WhitePoint,
} from '@velmo/core/colour';
import { CLICKS_PER_STOP, PIN_SHARE, type PicturePoint } from '@velmo/core/exposure';
import {
  darkestLight,
  NOTHING_WATCHED,
  pushRight,
  sampleNeutral,
  type Clipping,
  type MonitorTables,
  type PushedRight,
} from '@velmo/core/monitor';
import type { SceneRange } from '@velmo/core/series';
import { exposeLive, type LightStripes, type PhotositeResponse } from '@velmo/core/sensor';
import { LiveStage } from '../../live/liveStage';

/** The latest frame's light and how it was exposed. */
export interface Exposed {
  readonly light: Float32Array;
  readonly stripes: LightStripes | null;
  readonly response: PhotositeResponse;
  readonly perLight: number;
  readonly tables: MonitorTables;
}

/** Exposures tried for "push right", in clicks from the one there is. */
const PUSH_CLICKS = { min: -45, max: 45 } as const;
/** Their noise: always the same, so that asking twice gives the same answer. */
const TRIAL_SEED = 11;

/**
 * One of them, asked of a frame's light, in the size of a stage; `clipStops`: where its raw clips.
 */
export type Question<T> = (
  questions: LiveQuestions,
  exposed: Exposed,
  of: LiveStage,
  clipStops: number,
) => T;

/** Questions to the latest frame that are asked now and then, not thirty times a second. */
export class LiveQuestions {
  private trial: LiveStage | null = null;

  /** The brightest exposure of the frame's light that spares the highlights. */
  pushRight(
    { light, stripes, response, perLight, tables }: Exposed,
    of: LiveStage,
    share: number,
  ): PushedRight {
    if (this.trial?.width !== of.width) this.trial = new LiveStage(of.width, of.height);
    const { trial } = this;
    const plain = { ...tables, ...NOTHING_WATCHED };
    const clippingAt = (clicks: number): Clipping => {
      const brighter = perLight * 2 ** (clicks / 3);
      exposeLive(light, of.width, response, brighter, TRIAL_SEED, trial.raw, stripes);
      trial.monitor(plain);
      return trial.clipping;
    };
    return pushRight(clippingAt, share * of.width * of.height, PUSH_CLICKS);
  }

  /** From the brightest texture to the darkest tone of the frame's light, past what a raw holds. */
  sceneRange(share: number, exposed: Exposed, of: LiveStage, clipStops: number): SceneRange {
    const { light, perLight, response } = exposed;
    const darkest = Math.log2((darkestLight(light) * perLight) / response.saturationE);
    return {
      brightestClicks: CLICKS_PER_STOP * clipStops - this.pushRight(exposed, of, share).clicks,
      darkestClicks: CLICKS_PER_STOP * (clipStops + darkest),
    };
  }

  /** What a place in the frame tells of the light, were it neutral. */
  readNeutral(
    { response }: Exposed,
    { raw, width, height }: LiveStage,
    at: PicturePoint,
    profile: CameraProfile,
    assumed: WhitePoint,
  ): NeutralReading {
    return readNeutral(
      profile,
      sampleNeutral(raw, width, height, at, PIN_SHARE, response),
      assumed,
    );
  }
}
