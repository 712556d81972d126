import {
  developDeepFrame,
  developFrame,
  wantsPicture,
  withMetadata,
  writePictureTiff,
} from '@velmo/core/files';
import { writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import {
  assembleSimulatedDng,
  captureBand,
  layPreview,
  mosaicOf,
  plainShot,
  planSimulated,
  simulatedDeveloper,
  simulatedMetadata,
  StillLight,
  type CapturedBand,
  type SimulatedPlan,
  type SimulatedShot,
} from '@velmo/core/simulate';
import { WHITE_KELVIN, WHITE_TINT, type WhitePoint } from '@velmo/core/colour';
import { parseIso, parseTime, timeSFromClick } from '@velmo/core/exposure';
import { ASPECT_RATIOS, LENSES, MAX_CROP, type AspectRatio } from '@velmo/core/optics';
import { SCENES } from '@velmo/core/scene';
import type { Series } from '@velmo/core/series';
import {
  FLASH_TIMINGS,
  MAX_FILTER_STOPS,
  MAX_STABILISER_STOPS,
  parseFocus,
  parseSeries,
  type FileKind,
} from '@velmo/core/settings';
import { encodeJpeg } from './jpeg';
import { gatheredBands, lineOf, shotsOf } from './shootSeries';
import { UsageError, userPath } from './usage';

const PREVIEW_QUALITY = 88;

const OPTIONS = {
  scene: { type: 'string' },
  lens: { type: 'string', default: 'main' },
  time: { type: 'string', default: '1/125' },
  iso: { type: 'string', default: '100' },
  mp: { type: 'string', default: '3' },
  seed: { type: 'string', default: '1' },
  upright: { type: 'boolean', default: false },
  crop: { type: 'string', default: '1' },
  focus: { type: 'string' },
  nd: { type: 'string', default: '0' },
  torch: { type: 'boolean', default: false },
  flash: { type: 'string', default: 'off' },
  hand: { type: 'boolean', default: false },
  stabiliser: { type: 'string', default: '0' },
  mains: { type: 'string', default: '50' },
  at: { type: 'string', default: '0' },
  white: { type: 'string' },
  aspect: { type: 'string', default: '4:3' },
  quality: { type: 'string', default: '92' },
  series: { type: 'string', default: 'single' },
  out: { type: 'string' },
} as const;

const oneOf = (name: string, value: string | undefined, allowed: readonly string[]): string => {
  if (value === undefined || !allowed.includes(value))
    throw new UsageError(`--${name} must be one of ${allowed.join(', ')}`);
  return value;
};

function readShot(args: string[]): { shot: SimulatedShot; series: Series; out: string } {
  const { values } = parseArgs({ args, options: OPTIONS, strict: true });
  const sceneId = oneOf(
    'scene',
    values.scene,
    SCENES.map((s) => s.id),
  );
  const timeClick = parseTime(values.time);
  if (timeClick === null)
    throw new UsageError('--time must be a time from 1/8000 to 60, like 1/125');
  const isoClick = parseIso(values.iso);
  if (isoClick === null) throw new UsageError('--iso must be from 25 to 25600, like 100');
  if (!values.out) throw new UsageError('--out names the file to write');
  const series = parseSeries(values.series);
  if (series === null)
    throw new UsageError(
      '--series is a series like bracket:5:2, burst:10, focus:0.4m:2m, interval:10:30 or long:300:mean',
    );
  const isOne = series.kind === 'single' || series.kind === 'long';
  if (!isOne && !values.out.includes('{n}'))
    throw new UsageError('--out of a series needs {n} for the number of the frame: shed-{n}.dng');
  const now = new Date();
  return {
    out: userPath(values.out),
    series,
    shot: {
      ...plainShot(sceneId),
      lensId: oneOf(
        'lens',
        values.lens,
        LENSES.map((l) => l.id),
      ),
      crop: numberOf('crop', values.crop, 1, MAX_CROP),
      ...(values.focus === undefined ? {} : { focusDioptres: focusOf(values.focus) }),
      timeS: timeSFromClick(timeClick),
      isoClick,
      sizeMp: oneOf('mp', values.mp, ['3', '12']) === '12' ? 12 : 3,
      files: kindOf(values.out),
      jpegQuality: wholeOf('quality', values.quality, 100),
      aspect: oneOf('aspect', values.aspect, ASPECT_RATIOS) as AspectRatio,
      upright: values.upright,
      filterStops: wholeOf('nd', values.nd, MAX_FILTER_STOPS),
      torch: values.torch,
      flash: flashOf(values.flash),
      steady: !values.hand,
      stabiliserStops: wholeOf('stabiliser', values.stabiliser, MAX_STABILISER_STOPS),
      mainsHz: oneOf('mains', values.mains, ['50', '60']) === '60' ? 60 : 50,
      startS: numberOf('at', values.at, 0, 1e6),
      ...(values.white === undefined ? {} : { white: whiteOf(values.white) }),
      seed: wholeOf('seed', values.seed, 0xffffffff),
      capturedAt: { epochMs: now.getTime(), offsetMinutes: -now.getTimezoneOffset() },
    },
  };
}

/**
 * What is written follows from the file's ending: .jpg and .tif are developed pictures, anything
 * else is a DNG.
 */
const kindOf = (out: string): FileKind =>
  /\.jpe?g$/i.test(out) ? 'jpeg' : /\.tiff?$/i.test(out) ? 'tiff' : 'dng';

function flashOf(value: string | undefined): SimulatedShot['flash'] {
  const timing = FLASH_TIMINGS.find((name) => name === value);
  if (timing === undefined)
    throw new UsageError(`--flash must be one of ${FLASH_TIMINGS.join(', ')}`);
  return timing === 'off' ? null : timing;
}

/** "0.8", "0.8m", "2.5ft" or "inf". */
function focusOf(value: string): number {
  const focus = parseFocus(value);
  if (focus?.mode !== 'held')
    throw new UsageError('--focus is a distance like 0.8m or 2.5ft, or inf');
  return focus.dioptres;
}

/** "5200" or "5200,-4": kelvin and tint. */
function whiteOf(value: string): WhitePoint {
  const [kelvin, tint = '0', ...rest] = value.split(',');
  if (rest.length > 0) throw new UsageError('--white is kelvin, or kelvin and tint, like 5200,-4');
  return {
    kelvin: numberOf('white', kelvin, WHITE_KELVIN.min, WHITE_KELVIN.max),
    tint: numberOf('white’s tint', tint, WHITE_TINT.min, WHITE_TINT.max),
  };
}

function numberOf(name: string, value: string, min: number, max: number): number {
  const n = Number(value);
  if (value.trim() === '' || !(n >= min && n <= max))
    throw new UsageError(`--${name} must be from ${min} to ${max}`);
  return n;
}

function wholeOf(name: string, value: string, max: number): number {
  const n = numberOf(name, value, 0, max);
  if (!Number.isInteger(n)) throw new UsageError(`--${name} must be a whole number`);
  return n;
}

/** The developed picture of a shot, at full size. */
function picture(plan: SimulatedPlan, bands: readonly CapturedBand[]): Uint8Array[] {
  const { files, upright, jpegQuality } = plan.shot;
  const frame = mosaicOf(plan, bands);
  const developer = simulatedDeveloper(plan);
  const metadata = simulatedMetadata(plan);
  if (files === 'tiff') {
    const { width, height, data } = developDeepFrame(frame, developer, plan.crop, upright);
    return writePictureTiff(data, width, height, metadata);
  }
  const { width, height, data } = developFrame(frame, developer, plan.crop, upright);
  return withMetadata(encodeJpeg({ data, width, height }, jpegQuality), width, height, metadata);
}

/** `shoot`: one simulated exposure into a DNG, JPEG or TIFF, or the frames of a series. */
export function shoot(args: string[]): void {
  const { shot, series, out } = readShot(args);
  if (series.kind === 'long') {
    const { plan, bands } = gatheredBands(shot, series);
    write(plan, bands, out);
    console.log(JSON.stringify(lineOf(plan.shot, out)));
    return;
  }
  const still = series.kind === 'single' ? null : new StillLight();
  let n = 0;
  for (const one of shotsOf(shot, series)) {
    const file = out.replaceAll('{n}', String(++n));
    const plan = planSimulated(one);
    const bands = Array.from({ length: plan.bands }, (_, i) =>
      captureBand(plan, i, () => {}, still),
    );
    write(plan, bands, file);
    if (still) console.log(JSON.stringify(lineOf(one, file)));
  }
}

function write(plan: SimulatedPlan, bands: readonly CapturedBand[], out: string): void {
  if (wantsPicture(plan.shot.files)) {
    writeFileSync(out, Buffer.concat(picture(plan, bands)));
    return;
  }
  const { rgba, width, height } = layPreview(plan, bands);
  const preview = encodeJpeg({ data: rgba, width, height }, PREVIEW_QUALITY);
  writeFileSync(out, Buffer.concat(assembleSimulatedDng(plan, bands, preview)));
}
