import {
  baselineExposureFor,
  createDeveloper,
  invert,
  luminanceRow,
  type Developer,
} from '@velmo/core/colour';
import {
  ev100FromLuminance,
  handheldTimeClick,
  isoFromClick,
  solveExposure,
  steadyLightClicks,
  timeSFromClick,
  type Solution,
} from '@velmo/core/exposure';
import {
  ladderBinTable,
  surveyLight,
  type LightSurvey,
  type MonitorTables,
} from '@velmo/core/monitor';
import { findLens, halfWidthTangent, type LensModel } from '@velmo/core/optics';
import { findScene, framingSize, renderScene, type Framing, type Scene } from '@velmo/core/scene';
import {
  createLightPlane,
  electronsPerLuminance,
  exposeLive,
  midGreyShare,
  noiseFloorShare,
  photositeResponse,
  type LightPlane,
} from '@velmo/core/sensor';
import { heldClick, type Settings } from '@velmo/core/settings';
import type { Readings, ViewOptions } from './CameraDevice';
import { FrameLoop } from './frameLoop';
import { LiveStage, lumaWeights } from './liveStage';
import { BASE_ISO_CLICK, ISO_RANGE, TIME_RANGE } from './simulatedRanges';

const LONG_PX = 640;
const SHORT_PX = 480;
/** The first picture of a framing is rendered this much smaller, so that it is there at once. */
const COARSE = 4;
/** Rows rendered between two looks at the mailbox. */
const ROWS_A_SLICE = 12;
const LIVE_RATE = 30;
/** While a frame is being exposed its workers need the processor: the picture stays live, more slowly. */
const BUSY_RATE = 8;

/** Tables that hold for one ISO of one lens in one light. */
interface Rendering {
  readonly isoClick: number;
  readonly lensId: string;
  readonly tables: MonitorTables;
  readonly developer: Developer;
  readonly clipStops: number;
  readonly floorStops: number;
}

/** The live picture of the simulated phone: scene to light once a framing, light to picture once a frame. */
export class SimulatedLive {
  private canvas: OffscreenCanvas | null = null;
  private stage = new LiveStage(LONG_PX, SHORT_PX);
  private settings: Settings | null = null;
  private applied = 0;
  private options: ViewOptions = { upright: false, marks: true, scale: 1 };
  private plane: LightPlane | null = null;
  private survey: LightSurvey | null = null;
  private lightClicks: number | null = null;
  private rendering: Rendering | null = null;
  private framingJob = 0;
  private seed = 1;
  private readonly loop = new FrameLoop(() => this.draw(), LIVE_RATE);

  constructor(
    private readonly scene: Scene,
    private readonly report: (readings: Readings) => void,
  ) {}

  static of(sceneId: string, report: (readings: Readings) => void): SimulatedLive {
    const scene = findScene(sceneId);
    if (!scene) throw new RangeError(`There is no scene "${sceneId}".`);
    return new SimulatedLive(scene, report);
  }

  attach(canvas: OffscreenCanvas): void {
    this.canvas = canvas;
    this.loop.start();
  }

  apply(settings: Settings, applied: number): void {
    const lensChanged = settings.lens !== this.settings?.lens;
    this.settings = settings;
    this.applied = applied;
    if (lensChanged) this.frame();
    else this.draw();
  }

  view(options: ViewOptions): void {
    const turned = options.upright !== this.options.upright;
    this.options = options;
    if (turned) {
      this.stage = options.upright
        ? new LiveStage(SHORT_PX, LONG_PX)
        : new LiveStage(LONG_PX, SHORT_PX);
      this.frame();
    } else this.draw();
  }

  /** A capture is under way, or no more. Settings still show at once. */
  busy(capturing: boolean): void {
    this.loop.pace(capturing ? BUSY_RATE : LIVE_RATE);
  }

  close(): void {
    this.framingJob++;
    this.loop.stop();
  }

  private lens(): LensModel {
    return findLens(this.settings?.lens ?? 'main') ?? findLens('main')!;
  }

  /** Renders the framing anew: coarse at once, then sharp, slice by slice between messages. */
  private frame(): void {
    if (!this.settings) return;
    const job = ++this.framingJob;
    const lens = this.lens();
    const framing: Framing = {
      ...this.scene.framing,
      halfLongTangent: halfWidthTangent(lens),
      longPx: LONG_PX,
      shortPx: SHORT_PX,
      layout: this.options.upright ? 'upright' : 'level',
    };
    this.plane = coarsePlane(this.scene, framing, lens);
    this.measure(lens);
    this.draw();
    void this.refine(job, framing, lens, this.plane);
  }

  private async refine(
    job: number,
    framing: Framing,
    lens: LensModel,
    plane: LightPlane,
  ): Promise<void> {
    for (let row = 0; row < plane.height; row += ROWS_A_SLICE) {
      await new Promise((resolve) => setTimeout(resolve));
      if (job !== this.framingJob) return;
      const rows = Math.min(ROWS_A_SLICE, plane.height - row);
      renderScene(
        this.scene,
        framing,
        row,
        {
          width: plane.width,
          height: rows,
          rgb: plane.rgb.subarray(3 * row * plane.width, 3 * (row + rows) * plane.width),
          depthM: plane.depthM.subarray(row * plane.width, (row + rows) * plane.width),
        },
        lens.sensor.xyzToCamera,
        4,
      );
    }
    this.measure(lens);
    this.draw();
  }

  private measure(lens: LensModel): void {
    if (!this.plane) return;
    const row = luminanceRow(invert(lens.sensor.xyzToCamera));
    this.survey = surveyLight(this.plane.rgb, this.stage.weights, row);
    this.lightClicks = steadyLightClicks(
      ev100FromLuminance(this.survey.meterLuminance),
      lens.fNumber,
      this.lightClicks,
    );
  }

  private solve(settings: Settings, lens: LensModel): Solution {
    return solveExposure({
      timeClick: heldClick(settings.time),
      isoClick: heldClick(settings.iso),
      compClicks: settings.compClicks,
      lightClicks: this.lightClicks ?? 0,
      timeRange: TIME_RANGE,
      isoRange: ISO_RANGE,
      baseIsoClick: BASE_ISO_CLICK,
      handheldTimeClick:
        settings.support === 'tripod' ? null : handheldTimeClick(lens.focalLength35Mm),
    });
  }

  private draw(): void {
    const { canvas, settings, plane, survey, stage } = this;
    if (!canvas || !settings || !plane || !survey) return;
    if (plane.width !== stage.width) return;
    const lens = this.lens();
    const solution = this.solve(settings, lens);
    const binning = lens.sensor.widthPx / LONG_PX;
    const iso = isoFromClick(solution.isoClick);
    const rendering = this.renderingFor(solution.isoClick, lens);
    const response = photositeResponse(lens.sensor, iso, binning);
    const perLight = electronsPerLuminance(
      lens.sensor,
      binning,
      timeSFromClick(solution.timeClick),
      lens.fNumber,
    );
    exposeLive(plane.rgb, response, perLight, this.seed++, stage.raw);
    const result = stage.monitor(rendering.tables);
    stage.develop(rendering.developer);
    stage.present(canvas, this.options.marks, this.options.scale);
    this.report({
      applied: this.applied,
      timeClick: solution.timeClick,
      isoClick: solution.isoClick,
      differenceClicks: solution.differenceClicks,
      outOfRange: solution.outOfRange,
      ev100: ev100FromLuminance(survey.meterLuminance),
      histogram: result.histogram.slice(),
      clippedShare: [stage.share(0), stage.share(1), stage.share(2)],
      crushedShare: stage.share(4),
      overClipStops: survey.highlights.map((light) =>
        Math.log2((light * perLight) / response.saturationE),
      ) as [number, number, number],
      clipStops: rendering.clipStops,
      floorStops: rendering.floorStops,
    });
  }

  private renderingFor(isoClick: number, lens: LensModel): Rendering {
    if (this.rendering?.isoClick === isoClick && this.rendering.lensId === lens.id)
      return this.rendering;
    const { sensor } = lens;
    const iso = isoFromClick(isoClick);
    const share = midGreyShare(sensor, iso);
    const floorShare = noiseFloorShare(photositeResponse(sensor, iso, 1));
    const { blackLevel, whiteLevel, xyzToCamera } = sensor;
    const row = luminanceRow(invert(xyzToCamera));
    this.rendering = {
      isoClick,
      lensId: lens.id,
      clipStops: Math.log2(1 / share),
      floorStops: Math.log2(floorShare / share),
      tables: {
        bins: ladderBinTable(blackLevel, whiteLevel, share),
        whiteLevel,
        crushedLevel: blackLevel + Math.round((whiteLevel - blackLevel) * floorShare),
        luma: lumaWeights(row),
      },
      developer: createDeveloper({
        xyzToCamera,
        white: this.scene.white,
        blackLevel,
        whiteLevel,
        baselineExposure: baselineExposureFor(share),
      }),
    };
    return this.rendering;
  }
}

/** A framing rendered small and blown up: what is shown while the sharp one is made. */
function coarsePlane(scene: Scene, framing: Framing, lens: LensModel): LightPlane {
  const size = framingSize(framing);
  const small = createLightPlane(size.width / COARSE, size.height / COARSE);
  const smallFraming = {
    ...framing,
    longPx: framing.longPx / COARSE,
    shortPx: framing.shortPx / COARSE,
  };
  renderScene(scene, smallFraming, 0, small, lens.sensor.xyzToCamera, 1);
  const plane = createLightPlane(size.width, size.height);
  for (let y = 0; y < size.height; y++) {
    const from = Math.floor(y / COARSE) * small.width;
    for (let x = 0; x < size.width; x++) {
      const s = from + Math.floor(x / COARSE);
      const p = y * size.width + x;
      plane.depthM[p] = small.depthM[s];
      for (let c = 0; c < 3; c++) plane.rgb[3 * p + c] = small.rgb[3 * s + c];
    }
  }
  return plane;
}
