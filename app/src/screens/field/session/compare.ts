import { held, sameControl } from '@velmo/core/settings';
import type { CameraCapabilities } from '../../../camera/device/capabilities';
import type { Readings } from '../../../camera/device/readings';
import { session } from './fieldSession';
import { fieldStore, readingsStore, say } from './fieldState';

/** A stop under base: the extended ISO that base is compared with. */
const EXTENDED_CLICKS = -3;

/** Shows, while held, what the raw has lost instead of the picture. */
export const showClips = (clips: boolean): void => fieldStore.update((s) => ({ ...s, clips }));

/**
 * The same time at the other of base and extended ISO; back again on the second press, unless Time
 * or ISO were moved meanwhile. The raw stays as it is, only its rendering changes.
 */
export function toggleExtended(): void {
  const { remembered } = session;
  if (remembered.compared) {
    const { before, meanwhile } = remembered.compared;
    remembered.compared = null;
    session.changeSettings((s) =>
      sameControl(s.time, meanwhile.time) && sameControl(s.iso, meanwhile.iso)
        ? { ...s, time: before.time, iso: before.iso }
        : s,
    );
    fieldStore.update((s) => ({ ...s, comparing: false }));
    return;
  }
  const readings = readingsStore.get();
  const { settings: before, capabilities } = fieldStore.get();
  const base = capabilities?.baseIsoClick ?? null;
  if (readings?.timeClick == null || readings.isoClick == null || base === null) return;
  const { timeClick, isoClick } = readings;
  if (isoClick > base) {
    say('Extended ISO lies under base, ISO 100. Take ISO down to 100 first, then compare.');
    return;
  }
  const other = isoClick < base ? base : base + EXTENDED_CLICKS;
  session.changeSettings((s) => ({ ...s, time: held(timeClick), iso: held(other) }));
  remembered.compared = { before, meanwhile: fieldStore.get().settings };
  fieldStore.update((s) => ({ ...s, comparing: true }));
}

/** "0.02 %", "12 %", "none". */
export function shareText(share: number): string {
  if (share === 0) return 'none';
  const percent = 100 * share;
  if (percent < 0.01) return 'under 0.01 %';
  return `${percent < 1 ? percent.toFixed(2) : percent < 10 ? percent.toFixed(1) : Math.round(percent)} %`;
}

/**
 * What clips, in words: per channel, glints apart. A camera that gives no sensor data clips in its
 * picture.
 */
export function clippedText(
  { clippedShare, glintShare, crushedShare }: Readings,
  readsRaw: boolean,
): string {
  const [red, green, blue] = clippedShare.map(shareText);
  return `${readsRaw ? 'Raw' : 'Video frame'} clipped: red ${red}, green ${green}, blue ${blue}; glints ${shareText(glintShare)}; under the noise ${shareText(crushedShare)}.`;
}

/**
 * Why the JPEG's histogram and the raw's disagree, for the frame at hand; "" while nobody looks.
 */
export function disagreementText(
  readings: Readings,
  { baseIsoClick, readsRaw }: Pick<CameraCapabilities, 'baseIsoClick' | 'readsRaw'>,
): string {
  const { picture, gains, clippedAny, isoClick } = readings;
  if (!picture) return '';
  if (!readsRaw)
    return 'This camera gives no raw: ladder and JPEG show the same picture, once in stops, once in 256 steps.';
  let white = 0;
  let total = 0;
  for (let v = 0; v < 256; v++) total += picture.histogram[v];
  for (let c = 0; c < 3; c++) white = Math.max(white, picture.histogram[256 * c + 255]);
  const why = ['the JPEG’s curve and 8 bits'];
  if (gains) {
    const most = gains[0] >= gains[2] ? (['red', 0] as const) : (['blue', 2] as const);
    if (gains[most[1]] > 1.05)
      why.push(`white balance, which multiplies ${most[0]} by ${gains[most[1]].toFixed(1)}`);
  }
  if (isoClick !== null && baseIsoClick !== null && isoClick < baseIsoClick)
    why.push('extended ISO, which renders the same raw darker');
  return `The JPEG is at 255 on ${shareText(white / Math.max(1, total))} of the picture, the raw clips on ${shareText(clippedAny)}. Between them lie ${listed(why)}. Expose by the raw.`;
}

const listed = (parts: readonly string[]): string =>
  parts.length === 1 ? parts[0] : `${parts.slice(0, -1).join(', ')} and ${parts.at(-1)!}`;
