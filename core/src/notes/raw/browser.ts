import { formatStops } from '../../exposure/thirds';
import { stretch } from '../figure';
import type { Note } from '../note';
import { choiceScale } from '../scales';

const FRAMES = [1, 4, 8, 16, 32, 64];

/** What a phone's browser hands over. */
export const browser: Note = {
  id: 'browser',
  title: 'What a browser can get from a phone, and what not',
  text: [
    'A browser hands over video frames, and on some phones a photograph of the phone’s own making. Both are finished: eight bits, white chosen, tones bent, noise smoothed. No browser gives what the sensor counted, and Velmo never calls it raw.',
    'What can be held (time, ISO, focus, white) is for the phone to say; what it keeps for itself is shown as such. Calibrate once, and stops are true: Velmo learns how that camera’s numbers follow light.',
    'Averaging many frames wins some of it back: the noise falls, tones between the eight bits appear, and the 16-bit DNG that comes of it bears more lifting.',
  ],
  source: 'W3C Media Capture and Streams, Image Capture. Mean of n frames: noise falls as √n.',
  figure: {
    scales: [choiceScale('Averaged', FRAMES.map(String), 3)],
    ladder: {
      low: 0,
      high: 4,
      every: 1,
      engrave: (value) => `${value}`,
      unit: 'stops of shadow won over one frame',
    },
    read(choice) {
      const frames = FRAMES[choice];
      const won = Math.log2(frames) / 2;
      return {
        marks: [stretch('won', 0, won, 'good')],
        says:
          frames === 1
            ? 'One video frame: as it came.'
            : `The mean of ${frames} video frames: ${Number(Math.sqrt(frames).toFixed(1))} times less noise, ${formatStops(3 * won)} further into the shadows.`,
      };
    },
  },
  setUp: 'device=browser&average=16',
};
