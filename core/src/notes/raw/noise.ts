import { CLICKS_PER_STOP, isoFromClick } from '../../exposure/clicks';
import { formatSignedThirds } from '../../exposure/thirds';
import { MID_GREY_SHARE, photositeResponse, signalToNoise } from '../../sensor/sensorModel';
import { place, within } from '../figure';
import type { Note } from '../note';
import { choiceScale, MAIN_LENS, stopsScale } from '../scales';

const FRAMES = [1, 2, 4, 8, 16, 32, 64];
const ISO = isoFromClick(9);
const response = photositeResponse(MAIN_LENS.sensor, ISO, 1);
const LADDER = {
  low: -2,
  high: 9,
  every: 1,
  engrave: (value: number) => `${Number((2 ** value).toPrecision(2))}`,
  unit: 'signal to noise',
};
const snrWords = (snr: number): string => (snr < 9.95 ? snr.toFixed(1) : snr.toFixed(0));

/** Photons, reading, and averaging. */
export const noise: Note = {
  id: 'noise',
  title: 'Noise of light, noise of reading, and averaging',
  text: [
    'Light comes in photons, and photons come at random: of 100 that are due, 90 or 110 arrive. That noise grows as the square root of the light, so bright tones are clean and dark ones are not. No camera can avoid it.',
    'Reading the sensor adds a few electrons of its own. In deep shadows they are more than the light, and tones drown.',
    'Averaging frames treats both: four frames halve the noise, sixteen quarter it. It is worth as much as so many times the light, without clipping sooner. What moves is left out, or smears.',
  ],
  source: 'Photon transfer: EMVA 1288. Mean of n frames: noise falls as √n.',
  figure: {
    scales: [
      stopsScale('Tone', { min: -24, max: 6, start: -12 }),
      choiceScale('Frames', FRAMES.map(String), 0),
    ],
    ladder: LADDER,
    read(tone, choice) {
      const frames = FRAMES[choice];
      const signal = response.saturationE * MID_GREY_SHARE * 2 ** (tone / CLICKS_PER_STOP);
      const snr = Math.sqrt(frames) * signalToNoise(signal, response);
      const photons = Math.sqrt(frames * signal);
      return {
        marks: [
          place('light alone', within(LADDER, Math.log2(photons))),
          place('as it is', within(LADDER, Math.log2(snr)), snr < 1 ? 'lost' : 'good'),
        ],
        says: `A tone at ${formatSignedThirds(tone)}, ISO 800: ${signal < 9.95 ? signal.toFixed(1) : signal.toFixed(0)} electrons. ${frames === 1 ? 'One frame has' : `The mean of ${frames} frames has`} an SNR of ${snrWords(snr)}.`,
      };
    },
  },
  setUp: 'scene=sluice-at-dusk&iso=800&time=1/30&average=16',
};
