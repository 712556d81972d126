import { meterResponse, simulatedSolverInput } from '@velmo/core/simulate';
import { shadesOfGrey, type WhitePoint } from '@velmo/core/colour';
import { solveExposure, type Solution } from '@velmo/core/exposure';
import type { LensModel } from '@velmo/core/optics';
import type { Scene } from '@velmo/core/scene';
import { cameraProfile, type LightPlane } from '@velmo/core/sensor';
import type { Settings } from '@velmo/core/settings';
import { LightMeter } from './lightMeter';

/**
 * What the camera decides by the light of the live picture: exposure, and what it takes for white.
 */
export class LiveMeter {
  private readonly meter = new LightMeter();
  private autoWhite: WhitePoint = { kelvin: 5500, tint: 0 };

  /** @param holdWhite frames of one series share one white */
  measure(
    plane: LightPlane,
    scene: Scene,
    lens: LensModel,
    settings: Settings,
    holdWhite: boolean,
  ): void {
    this.meter.read(plane, settings.meter, meterResponse(scene, lens));
    if (holdWhite) return;
    const profile = cameraProfile(lens.sensor.sensitivities);
    this.autoWhite = shadesOfGrey(plane.rgb, this.meter.survey!.highlights, profile);
  }

  /** Highlights of the light read last; null before anything has been read. */
  get highlights(): readonly [number, number, number] | null {
    return this.meter.survey?.highlights ?? null;
  }

  /** The camera's own white, whoever's is used. */
  get foundWhite(): WhitePoint {
    return this.autoWhite;
  }

  white({ white }: Settings): WhitePoint {
    return white.mode === 'held' ? white : (white.locked ?? this.autoWhite);
  }

  ev100({ meter }: Settings): number {
    return meter.lockedEv100 ?? this.meter.ev100;
  }

  /** The light as clicks of exposure behind lens and filter. */
  lightClicks(settings: Settings, lens: LensModel): number {
    return this.meter.lightClicks(this.ev100(settings), lens, settings.filterStops);
  }

  solve(settings: Settings, lightClicks: number): Solution {
    return solveExposure(simulatedSolverInput(settings, lightClicks));
  }
}
