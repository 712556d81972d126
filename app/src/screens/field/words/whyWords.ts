import { nominalKelvin, type WhitePoint } from '@velmo/core/colour';
import { noiseAt, noiseDetail } from '@velmo/core/consequence';
import {
  formatSignedThirds,
  formatStops,
  luminanceFromEv100,
  nominalIso,
  nominalTime,
} from '@velmo/core/exposure';
import {
  distanceOf,
  findLens,
  formatDistance,
  formatZone,
  handheldTimeClick,
} from '@velmo/core/optics';
import { freeControl } from '@velmo/core/settings';
import type { Readings } from '../../../camera/device/readings';
import type { FieldState, WhyPart } from '../session/fieldState';
import { bytesOfFrame, fileWords, framesLeft } from './fileWords';
import { PATTERN_WORDS } from './patternWords';
import { evText, findingsOf, highlightText } from './readingsText';

/** What an answer is made of. */
interface Asked {
  readonly state: FieldState;
  readonly readings: Readings;
}

const seconds = (click: number | null): string =>
  click === null ? 'a time it does not tell' : `${nominalTime(click)} s`;
const iso = (click: number | null): string =>
  click === null ? 'an ISO it does not tell' : `ISO ${nominalIso(click)}`;
const sentences = (...parts: readonly (string | false | null | undefined)[]): string =>
  parts.filter(Boolean).join(' ');

/** "f/2.4", of the lens that is looked through; "" where it is not known. */
function apertureOf({ settings, capabilities }: FieldState): string {
  const lens = capabilities?.hasRig ? findLens(settings.lens) : undefined;
  return lens ? `f/${lens.fNumber}` : '';
}

/** "EV 7 1/3, f/2.4": the light that is to be exposed for, where it is known. */
function lightWords({ state, readings: { ev100 } }: Asked): string {
  const { lockedEv100 } = state.settings.meter;
  const ev = evText(lockedEv100 ?? ev100);
  return [ev && (lockedEv100 === null ? ev : `${ev}, locked`), apertureOf(state)]
    .filter(Boolean)
    .join(', ');
}

/** " and Comp +1", where there is one. */
const compWords = ({ settings }: FieldState): string =>
  settings.compClicks === 0 ? '' : ` and Comp ${formatSignedThirds(settings.compClicks)}`;

/** How far the picture is from what meter and Comp ask for. */
const offWords = ({ differenceClicks: off }: Readings): string =>
  off === 0
    ? 'The picture is where the meter wants it.'
    : `The picture is ${formatStops(off)} ${off > 0 ? 'over' : 'under'} what the meter asks for.`;

function time(asked: Asked): string {
  const { state, readings } = asked;
  const { settings, capabilities } = state;
  const value = seconds(readings.timeClick);
  const light = lightWords(asked) || 'the light';
  const because =
    settings.time.mode === 'held'
      ? `${value} because you set it. ${offWords(readings)}`
      : `${value} because ${light}, ${iso(readings.isoClick)}${compWords(state)} ask for it: t = N² / 2^EV at ISO 100, half of that at each doubling.`;
  const lens = capabilities?.hasRig ? findLens(settings.lens) : undefined;
  const focal = lens ? Math.round(lens.focalLength35Mm * settings.crop) : 0;
  const longest = lens
    ? handheldTimeClick(lens.focalLength35Mm * settings.crop, settings.stabiliserStops)
    : 0;
  return sentences(
    because,
    lens && settings.support === 'hand'
      ? `Hand-held at ${focal} mm it is sharp to ${nominalTime(longest)} s.`
      : lens
        ? 'On the tripod nothing shakes.'
        : null,
  );
}

function isoWhy(asked: Asked): string {
  const { state, readings } = asked;
  const { settings, capabilities } = state;
  const { isoClick } = readings;
  const value = iso(isoClick);
  const light = lightWords(asked) || 'the light';
  const base = capabilities?.baseIsoClick ?? null;
  const optics = capabilities?.exposureContext(settings, readings).optics;
  return sentences(
    settings.iso.mode === 'held'
      ? `${value} because you set it. ${offWords(readings)}`
      : `${value} because ${light}, ${seconds(readings.timeClick)}${compWords(state)} ask for it; auto stays at base ISO for as long as a hand holds still.`,
    optics && isoClick !== null && `${noiseDetail(isoClick, noiseAt(optics, isoClick))}`,
    base !== null &&
      isoClick !== null &&
      isoClick < base &&
      `It lies under base ISO ${nominalIso(base)}: the raw is that of base.`,
  );
}

function comp({ state, readings }: Asked): string {
  const { settings, capabilities } = state;
  const { compClicks } = settings;
  const moves = capabilities && freeControl(settings, capabilities);
  const aims =
    compClicks === 0
      ? 'Comp 0: the meter aims at mid-grey.'
      : `Comp ${formatSignedThirds(compClicks)}: the meter aims ${formatStops(compClicks)} ${compClicks > 0 ? 'over' : 'under'} mid-grey.`;
  return sentences(
    aims,
    moves === 'Comp'
      ? 'The tapes you left to the camera follow it.'
      : 'Time and ISO are set, so nothing follows it: it only moves the mark.',
    offWords(readings),
  );
}

const FOCUS_FOUND = {
  held: 'because you set it',
  fixed: 'because this lens is fixed there',
  searching: 'and still searching',
  found: 'because focus was found there',
  dark: 'though there is too little light to find focus',
  flat: 'though there is no detail to find focus on',
  device: 'as the camera says',
} as const;

function focus({ state, readings }: Asked): string {
  const { settings, capabilities, preferences } = state;
  const { unit } = preferences.focusing;
  const control = capabilities?.focus(settings);
  const dioptres =
    settings.focus.mode === 'held' ? settings.focus.dioptres : readings.focus?.dioptres;
  if (!control || dioptres === undefined)
    return 'The camera focuses where you tap, and does not tell how far that is.';
  const found = settings.focus.mode === 'held' ? 'held' : (readings.focus?.state ?? 'device');
  const zone = control.zoneOf(dioptres);
  const hyperfocal = control.hyperfocalM;
  return sentences(
    `${formatDistance(distanceOf(dioptres), unit)} ${FOCUS_FOUND[found]}.`,
    zone &&
      `${apertureOf(state)} holds sharp ${formatZone(zone.nearM, zone.farM, unit)}, to a circle of confusion of 0.030 mm on 35 mm film.`,
    hyperfocal !== null &&
      `Set to H, ${formatDistance(hyperfocal, unit)}, all from half of it to infinity is sharp: H = f² / (N c) + f.`,
  );
}

const light = ({ kelvin }: Pick<WhitePoint, 'kelvin'>): string => `${nominalKelvin(kelvin)} K`;

function white({ state, readings }: Asked): string {
  const { white: setting } = state.settings;
  const now = setting.mode === 'held' ? setting : (setting.locked ?? readings.white);
  if (!now) return 'The camera balances its picture by itself, and does not tell how.';
  const because =
    setting.mode === 'held'
      ? 'because you set it'
      : setting.locked
        ? 'because it was locked there'
        : 'because the colours of the picture, taken together, are greyest so';
  const gains = readings.gains?.map((gain) => gain.toFixed(2));
  return sentences(
    `${light(now)} ${because}.`,
    gains &&
      `It multiplies red by ${gains[0]}, green by ${gains[1]} and blue by ${gains[2]} in the picture; the raw keeps what the sensor saw.`,
  );
}

function meter({ state, readings }: Asked): string {
  const { meter: setting } = state.settings;
  const { ev100 } = readings;
  if (ev100 === null)
    return sentences(
      'How much light this camera’s picture stands for has not been measured: only how far it is from mid-grey is known.',
      offWords(readings),
    );
  const luminance = luminanceFromEv100(ev100);
  const digits = luminance < 10 ? 2 : 0;
  return sentences(
    `${evText(ev100)} because the ${PATTERN_WORDS[setting.pattern]} reading is ${luminance.toFixed(luminance < 0.1 ? 4 : digits)} cd/m²: EV = log2(L · 100 / 12.5).`,
    setting.lockedEv100 !== null && `Locked to ${evText(setting.lockedEv100)}.`,
    readings.estimated && 'It is estimated: this camera’s light has not been calibrated.',
    offWords(readings),
  );
}

function rig({ state }: Asked): string {
  const { settings, capabilities } = state;
  const lens = capabilities?.hasRig ? findLens(settings.lens) : undefined;
  if (!lens) return 'The browser does not tell this camera’s focal length or aperture.';
  const focal = Math.round(lens.focalLength35Mm * settings.crop);
  const crop = settings.crop > 1 ? `, cropped ${settings.crop.toFixed(1)}×` : '';
  return sentences(
    `${focal} mm: the ${lens.label} lens of ${lens.focalLengthMm.toFixed(1)} mm${crop} sees as much as that on 35 mm film.`,
    `Its aperture of f/${lens.fNumber} cannot be moved.`,
    settings.filterStops > 0 &&
      `The filter takes ${settings.filterStops} stops: 1/${2 ** settings.filterStops} of the light is left.`,
  );
}

const megabytes = (bytes: number): string =>
  bytes >= 1e9 ? `${(bytes / 1e9).toFixed(1)} GB` : `${(bytes / 1e6).toFixed(1)} MB`;

function files({ state }: Asked): string {
  const { settings, capabilities, room } = state;
  if (!capabilities) return 'There is no camera yet.';
  const each = `${fileWords(settings, capabilities)}, about ${megabytes(bytesOfFrame(settings, capabilities))} a frame`;
  const left = framesLeft(settings, capabilities, room);
  if (!room || left === null) return `${each}. The browser does not tell how much room there is.`;
  return `${left} frames left: ${megabytes(room.quotaBytes - room.usedBytes)} of room, ${each}.`;
}

function ladder({ readings }: Asked): string {
  const stops = (value: number): string => Math.abs(value).toFixed(1);
  return sentences(
    `0 is mid-grey, where the meter aims. The raw clips ${stops(readings.clipStops)} stops over it; noise is as large as the light ${stops(readings.floorStops)} stops under it.`,
    `Now: ${highlightText(readings)}.`,
  );
}

function verdict({ state, readings }: Asked): string {
  const { settings, capabilities } = state;
  const found = findingsOf(readings, settings, capabilities, null);
  if (found.length === 0)
    return 'Nothing clips, shakes or smears, and the exposure is where the meter wants it.';
  return found.map(({ text }) => text).join(' ');
}

function expose(asked: Asked): string {
  const { settings, capabilities } = asked.state;
  const size = capabilities && capabilities.sizesMp.length > 0 ? `${settings.sizeMp} MP. ` : '';
  return `One press takes what the series says. ${size}${files(asked)}`;
}

function place({ state }: Asked): string {
  return state.capabilities?.notice ?? 'There is no camera yet.';
}

const ANSWERS: Readonly<Record<WhyPart, (asked: Asked) => string>> = {
  time,
  iso: isoWhy,
  comp,
  focus,
  white,
  place,
  meter,
  rig,
  files,
  ladder,
  verdict,
  expose,
};

/** Where a number on Field comes from, with the values that went in. */
export function whyWords(part: WhyPart, state: FieldState, readings: Readings | null): string {
  if (!readings) return 'Nothing has been read yet.';
  return ANSWERS[part]({ state, readings });
}
