import { readFileSync, writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import {
  beginCombining,
  NO_CORRECTIONS,
  combinedDng,
  combinedPicture,
  combinedShot,
  FIRST_FINISH,
  finishPlanOf,
  fitsWhole,
  isPicture,
  pictureFrame,
  smallPicture,
  stackRaw,
  wayOf,
  type Combined,
  type FinishChoices,
  type WayId,
} from '@velmo/core/combine';
import {
  decodeDng,
  readDng,
  readPictureExif,
  takenAt,
  withMetadata,
  type RawFile,
  type ShotMetadata,
} from '@velmo/core/files';
import { decodeJpeg, encodeJpeg } from './jpeg';
import { UsageError, userPath } from './usage';

const PREVIEW_QUALITY = 88;
const PREVIEW_LONG_PX = 1200;
const PICTURE_QUALITY = 92;

const OPTIONS = {
  out: { type: 'string' },
  picture: { type: 'string' },
  float: { type: 'boolean', default: false },
  fixed: { type: 'boolean', default: false },
  brightness: { type: 'string', default: String(FIRST_FINISH.brightness) },
  range: { type: 'string', default: String(FIRST_FINISH.range) },
  detail: { type: 'string', default: String(FIRST_FINISH.detail) },
} as const;

function numberIn(name: string, text: string, min: number, max: number): number {
  const value = Number(text);
  if (text.trim() === '' || !(value >= min && value <= max))
    throw new UsageError(`--${name} must be a number from ${min} to ${max}`);
  return value;
}

/** What the command line asks for. Throws UsageError. */
function readArguments(args: string[]) {
  const { values, positionals } = parseArgs({ args, options: OPTIONS, allowPositionals: true });
  if (!values.out) throw new UsageError('--out FILE.dng is missing');
  if (positionals.length < 2) throw new UsageError('name two files or more');
  const finish: FinishChoices = {
    brightness: numberIn('brightness', values.brightness, -4, 4),
    range: numberIn('range', values.range, 0, 1),
    detail: numberIn('detail', values.detail, 0, 2),
  };
  const picture = values.picture === undefined ? null : userPath(values.picture);
  return {
    files: positionals.map(userPath),
    out: userPath(values.out),
    picture,
    finish,
    floating: values.float,
    fixed: values.fixed,
  };
}

/** A raw or a JPEG as a frame of a stack. */
function readFrame(path: string) {
  const bytes = new Uint8Array(readFileSync(path));
  if (bytes[0] === 0xff && bytes[1] === 0xd8) {
    const { data, width, height } = decodeJpeg(bytes);
    return pictureFrame(data, width, height, readPictureExif('jpeg', bytes));
  }
  const { file, data } = decodeDng(readDng(bytes));
  return { file, frame: stackRaw(file, data) };
}

/** `merge`, `average` and the other ways: several DNGs into one, or several JPEGs. */
export const combine =
  (id: WayId) =>
  (args: string[]): void => {
    const asked = readArguments(args);
    const { files, out, finish, fixed } = asked;
    const way = wayOf(id);
    if (files.length > way.maxFrames)
      throw new UsageError(`${id} takes no more than ${way.maxFrames} files at once`);
    const combiner = beginCombining(id, !fixed);
    const sources: RawFile[] = [];
    for (const path of files) {
      const { file, frame } = readFrame(path);
      combiner.add(file, frame);
      sources.push(file);
    }
    if (way.rawsOnly && sources.some(isPicture))
      throw new UsageError(`${id} takes raws; fuse blends pictures`);
    const combined = combiner.combine(NO_CORRECTIONS, () => {});
    const reference = sources[combined.reference];
    const taken = Date.parse(takenAt(reference.exif) ?? '');
    const capturedAt = { epochMs: Number.isNaN(taken) ? 0 : taken, offsetMinutes: 0 };
    const used = sources.filter((_, i) => !combined.leftOut.includes(i));
    const shot = combinedShot(id, reference, used, capturedAt, 'Velmo');
    const full = combinedPicture(combined, way.finishes ? finish : null);
    const jpeg = (): Buffer =>
      Buffer.concat(withMetadata(encodeJpeg(full, PICTURE_QUALITY), full.width, full.height, shot));
    const written = isPicture(reference)
      ? writePicture(out, jpeg)
      : writeRaw(combined, asked, way.finishes, shot, jpeg);
    console.log(
      JSON.stringify({
        file: out,
        ...written,
        way: id,
        frames: used.length,
        reference: files[combined.reference],
        ...(combined.aligned && { aligned: true }),
        ...(combined.leftOut.length > 0 && { leftOut: combined.leftOut.map((i) => files[i]) }),
        ...(combined.moved && { moved: combined.moved.regions.length }),
      }),
    );
  };

/** What is made of pictures is a picture. */
function writePicture(out: string, jpeg: () => Buffer): object {
  if (!/\.jpe?g$/i.test(out))
    throw new UsageError('pictures become a picture: --out must end with .jpg');
  writeFileSync(out, jpeg());
  return {};
}

/** A DNG, and a picture where one is asked for. */
function writeRaw(
  combined: Combined,
  { out, picture, finish, floating }: ReturnType<typeof readArguments>,
  finishes: boolean,
  shot: ShotMetadata,
  jpeg: () => Buffer,
): object {
  const chosen = finishes ? { choices: finish, plan: finishPlanOf(combined) } : null;
  const small = smallPicture(combined, chosen, PREVIEW_LONG_PX);
  const preview = { ...small, jpeg: encodeJpeg(small, PREVIEW_QUALITY) };
  writeFileSync(out, Buffer.concat(combinedDng(combined.result, floating, preview, shot)));
  if (picture) writeFileSync(picture, jpeg());
  const { noise, baselineExposure } = combined.result;
  return {
    ...(picture && { picture }),
    baselineExposure: Number(baselineExposure.toFixed(3)),
    noise,
    floating,
    ...(!floating && !fitsWhole(noise) && { note: 'darker than 16 bits tell apart: --float' }),
  };
}
