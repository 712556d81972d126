import { tintWords, nominalKelvin, type NeutralReading, type WhitePoint } from '@velmo/core/colour';

/** "5200 K, tint 3 magenta": a light in words. */
export const whiteWords = ({ kelvin, tint }: WhitePoint): string =>
  `${nominalKelvin(kelvin)} K, tint ${tintWords(tint)}`;

const CHANNELS = ['red', 'green', 'blue'] as const;

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
