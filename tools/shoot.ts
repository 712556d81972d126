import { writeFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import jpeg from 'jpeg-js';
import {
  assembleSimulatedDng,
  captureBand,
  developPreview,
  planSimulated,
  type SimulatedShot,
} from '@velmo/core/capture';
import { parseIso, parseTime } from '@velmo/core/exposure';
import { LENSES } from '@velmo/core/optics';
import { findScene, SCENES } from '@velmo/core/scene';
import { UsageError, userPath } from './usage';

const OPTIONS = {
  scene: { type: 'string' },
  lens: { type: 'string', default: 'main' },
  time: { type: 'string', default: '1/125' },
  iso: { type: 'string', default: '100' },
  mp: { type: 'string', default: '3' },
  seed: { type: 'string', default: '1' },
  upright: { type: 'boolean', default: false },
  out: { type: 'string' },
} as const;

const oneOf = (name: string, value: string | undefined, allowed: readonly string[]): string => {
  if (value === undefined || !allowed.includes(value))
    throw new UsageError(`--${name} must be one of ${allowed.join(', ')}`);
  return value;
};

function readShot(args: string[]): { shot: SimulatedShot; out: string } {
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
  const seed = Number(values.seed);
  if (!Number.isInteger(seed)) throw new UsageError('--seed must be a whole number');
  if (!values.out) throw new UsageError('--out names the file to write');
  const now = new Date();
  return {
    out: userPath(values.out),
    shot: {
      sceneId,
      lensId: oneOf(
        'lens',
        values.lens,
        LENSES.map((l) => l.id),
      ),
      timeClick,
      isoClick,
      compClicks: 0,
      program: 'manual',
      sizeMp: oneOf('mp', values.mp, ['3', '12']) === '12' ? 12 : 3,
      upright: values.upright,
      ...findScene(sceneId)!.framing,
      seed,
      capturedAt: { epochMs: now.getTime(), offsetMinutes: -now.getTimezoneOffset() },
    },
  };
}

/** `shoot`: one simulated exposure into a DNG. */
export function shoot(args: string[]): void {
  const { shot, out } = readShot(args);
  const plan = planSimulated(shot);
  const bands = Array.from({ length: plan.bands }, (_, i) => captureBand(plan, i));
  const preview = developPreview(plan, bands);
  const encoded = jpeg.encode(
    { data: Buffer.from(preview.rgba.buffer), width: preview.width, height: preview.height },
    88,
  );
  const parts = assembleSimulatedDng(plan, bands, new Uint8Array(encoded.data));
  writeFileSync(out, Buffer.concat(parts));
}
