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
  smallPicture,
  stackRaw,
  wayOf,
  type FinishChoices,
  type WayId,
} from '@velmo/core/combine';
import { decodeDng, readDng, takenAt, withMetadata, type RawFile } from '@velmo/core/files';
import { encodeJpeg } from './jpeg';
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

/** `merge`, `average` and the other ways: several DNGs into one, and a picture where asked for. */
export const combine =
  (id: WayId) =>
  (args: string[]): void => {
    const { files, out, picture, finish, floating, fixed } = readArguments(args);
    const way = wayOf(id);
    if (files.length > way.maxFrames)
      throw new UsageError(`${id} takes no more than ${way.maxFrames} files at once`);
    const combiner = beginCombining(id, !fixed);
    const sources: RawFile[] = [];
    for (const path of files) {
      const { file, data } = decodeDng(readDng(new Uint8Array(readFileSync(path))));
      combiner.add(file, stackRaw(file, data));
      sources.push(file);
    }
    const combined = combiner.combine(NO_CORRECTIONS, () => {});
    const reference = sources[combined.reference];
    const full = combinedPicture(combined, way.finishes ? finish : null);
    const taken = Date.parse(takenAt(reference.exif) ?? '');
    const capturedAt = { epochMs: Number.isNaN(taken) ? 0 : taken, offsetMinutes: 0 };
    const used = sources.filter((_, i) => !combined.leftOut.includes(i));
    const shot = combinedShot(id, reference, used, capturedAt, 'Velmo');
    const chosen = way.finishes ? { choices: finish, plan: finishPlanOf(combined) } : null;
    const small = smallPicture(combined, chosen, PREVIEW_LONG_PX);
    const preview = { ...small, jpeg: encodeJpeg(small, PREVIEW_QUALITY) };
    const dng = Buffer.concat(combinedDng(combined.result, floating, preview, shot));
    writeFileSync(out, dng);
    if (picture) {
      const jpeg = encodeJpeg(full, PICTURE_QUALITY);
      writeFileSync(picture, Buffer.concat(withMetadata(jpeg, full.width, full.height, shot)));
    }
    const { noise, baselineExposure } = combined.result;
    console.log(
      JSON.stringify({
        file: out,
        ...(picture && { picture }),
        way: id,
        frames: used.length,
        reference: files[combined.reference],
        baselineExposure: Number(baselineExposure.toFixed(3)),
        noise,
        floating,
        ...(!floating && !fitsWhole(noise) && { note: 'darker than 16 bits tell apart: --float' }),
        ...(combined.aligned && { aligned: true }),
        ...(combined.leftOut.length > 0 && { leftOut: combined.leftOut.map((i) => files[i]) }),
        ...(combined.moved && { moved: combined.moved.regions.length }),
      }),
    );
  };
