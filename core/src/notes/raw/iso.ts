import { isoFromClick } from '../../exposure/clicks';
import { nominalIso } from '../../exposure/nominal';
import {
  isExtendedIso,
  midGreyShare,
  noiseFloorShare,
  photositeResponse,
  signalToNoise,
} from '../../sensor/sensorModel';
import { place, stretch } from '../figure';
import type { Note } from '../note';
import { isoScale, MAIN_LENS, stopsLadder } from '../scales';

/** What ISO does, and what it does not. */
export const iso: Note = {
  id: 'iso',
  title: 'ISO: base, higher, extended',
  text: [
    'ISO does not make a sensor more sensitive. It says how much light is to be rendered as mid-grey, and amplifies what the sensor caught. Base ISO is where a full photosite just fits: there the raw holds most. Each stop above it loses a stop at the top.',
    'Reading noise partly comes after the amplifier, so a higher ISO buries less in it: at the bottom a little is won back, never as much as is lost.',
    'Extended ISO below base only renders the same raw darker: mid-grey moves up towards clipping, and nothing is gained but the wish to expose more.',
  ],
  source: 'ISO 12232 (saturation-based speed, SOS). Photon transfer: EMVA 1288.',
  figure: {
    scales: [isoScale({ min: -3, max: 18, start: 0 })],
    ladder: stopsLadder(-12, 4, 2),
    read(click) {
      const speed = isoFromClick(click);
      const { sensor } = MAIN_LENS;
      const response = photositeResponse(sensor, speed, 1);
      const grey = midGreyShare(sensor, speed);
      const clip = -Math.log2(grey);
      const floor = Math.log2(noiseFloorShare(response) / grey);
      const snr = signalToNoise(grey * response.saturationE, response);
      const kind = isExtendedIso(sensor, speed) ? ' Extended: the raw is that of base ISO.' : '';
      return {
        marks: [stretch('what the raw holds', floor, clip, 'good'), place('mid-grey', 0)],
        says: `ISO ${nominalIso(click)}: ${clip.toFixed(1)} stops above mid-grey, ${(-floor).toFixed(1)} below, SNR ${snr.toFixed(0)} on it.${kind}`,
      };
    },
  },
  setUp: 'scene=drying-shed&iso=1600&time=auto',
};
