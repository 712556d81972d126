import { ev100FromLuminance, steadyLightClicks } from '@velmo/core/exposure';
import { surveyLight, texturedPeak, type LightSurvey } from '@velmo/core/monitor';
import type { LensModel } from '@velmo/core/optics';
import { MID_GREY_SHARE, type LightPlane } from '@velmo/core/sensor';
import { invert, luminanceRow, type Mat3 } from '@velmo/core/colour';
import type { MeterSetting } from '@velmo/core/settings';
import { KeptWeights } from '../../live/keptWeights';

/** Room left over the brightest texture, in stops: more than rounding to a click can eat. */
const KEEP_STOPS = 0.25;

/** Reads a plane of light by the pattern asked for. */
export class LightMeter {
  survey: LightSurvey | null = null;
  /** What the meter reads, as EV100. */
  ev100 = 0;
  private readonly weights = new KeptWeights();
  private clicks: number | null = null;

  /** @param response XYZ to the plane's camera values */
  read(plane: LightPlane, meter: MeterSetting, response: Mat3): void {
    const weights = this.weights.of(plane, meter.pattern, meter.spot);
    const row = luminanceRow(invert(response));
    this.survey = surveyLight(plane.rgb, weights, row);
    const luminance =
      meter.pattern === 'highlights'
        ? texturedPeak(plane.rgb, plane.width, plane.height) * MID_GREY_SHARE * 2 ** KEEP_STOPS
        : this.survey.meterLuminance;
    this.ev100 = ev100FromLuminance(luminance);
  }

  /**
   * The light as clicks of exposure behind lens and filter; holds still while it hovers between
   * two.
   */
  lightClicks(ev100: number, lens: LensModel, filterStops: number): number {
    this.clicks = steadyLightClicks(ev100 - filterStops, lens.fNumber, this.clicks);
    return this.clicks;
  }
}
