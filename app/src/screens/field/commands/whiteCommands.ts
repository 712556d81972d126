import { tintWords, nominalKelvin, type NeutralReading, type WhitePoint } from '@velmo/core/colour';
import type { PicturePoint } from '@velmo/core/exposure';
import { AUTO_WHITE_SETTING, heldWhite } from '@velmo/core/settings';
import { changeSettings, theCamera } from '../session/fieldSession';
import { readingsStore, say } from '../session/fieldState';

export const holdWhite = (white: WhitePoint): void =>
  changeSettings((s) => ({ ...s, white: heldWhite(white) }));

export const releaseWhite = (): void =>
  changeSettings((s) => ({ ...s, white: AUTO_WHITE_SETTING }));

/** Keeps the camera's white where it is, or lets it follow the light again. */
export function toggleWhiteLock(): void {
  const now = readingsStore.get()?.white ?? null;
  changeSettings((s) =>
    s.white.mode === 'held'
      ? s
      : { ...s, white: { mode: 'auto', locked: s.white.locked === null ? now : null } },
  );
}

/** "5200 K, tint 3 magenta": a light in words. */
export const whiteWords = ({ kelvin, tint }: WhitePoint): string =>
  `${nominalKelvin(kelvin)} K, tint ${tintWords(tint)}`;

const CHANNELS = ['red', 'green', 'blue'] as const;

/** Two taps closer than this, as a share of the picture, mean the same place. */
const SAME_PLACE = 0.04;
/** The last place that was refused for its colour: tapped again, it is believed. */
let refused: PicturePoint | null = null;

const near = (a: PicturePoint, b: PicturePoint | null): boolean =>
  b !== null && Math.hypot(a.x - b.x, a.y - b.y) < SAME_PLACE;

/** What to say of a reading, and the white it leads to where there is one. */
export function judgedNeutral(
  reading: NeutralReading,
  insisted: boolean,
): { readonly text: string; readonly white: WhitePoint | null } {
  switch (reading.kind) {
    case 'white':
      return { text: `White read: ${whiteWords(reading.white)}.`, white: reading.white };
    case 'clipped':
      return {
        text: `That spot clips in ${CHANNELS[reading.channel]}: its colour is lost. Tap something less bright, or take the exposure down.`,
        white: null,
      };
    case 'dark':
      return { text: 'That spot is lost in noise. Tap something brighter.', white: null };
    case 'uneven':
      return {
        text: 'That spot holds more than one colour. Tap an even, neutral surface.',
        white: null,
      };
    case 'impossible':
      return {
        text: `That spot is ${reading.looks}, not neutral: no light would turn it grey. Tap something white or grey.`,
        white: null,
      };
    case 'coloured':
      return insisted
        ? { text: `White read as you insist: ${whiteWords(reading.white)}.`, white: reading.white }
        : {
            text: `That spot looks ${reading.looks} beside the rest. Tap it again if it is neutral all the same.`,
            white: null,
          };
  }
}

/** Takes a place in the picture for neutral, unless that cannot be. */
export async function neutralAt(at: PicturePoint): Promise<void> {
  const reading = await theCamera()?.readNeutral?.(at);
  if (!reading) return;
  const { text, white } = judgedNeutral(reading, near(at, refused));
  refused = reading.kind === 'coloured' && !white ? at : null;
  if (white) holdWhite(white);
  say(text);
}
