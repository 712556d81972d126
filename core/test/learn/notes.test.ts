import { NOTES, findNote, type Figure } from '../../src/notes';
import { LENSES } from '../../src/optics';

/** All places the tapes of a figure can stand at: ends, starts, and some between. */
function* standings({ scales }: Figure): Generator<number[]> {
  const [first, second] = scales;
  for (let a = first.min; a <= first.max; a++)
    if (!second) yield [a];
    else for (let b = second.min; b <= second.max; b++) yield [a, b];
}

const words = (paragraphs: readonly string[]): number =>
  paragraphs.join(' ').split(/\s+/).filter(Boolean).length;

describe.each(NOTES.map((note) => [note.id, note] as const))('the note %s', (_, note) => {
  test('is short, names its source, and is found by its id', () => {
    expect(words(note.text)).toBeLessThanOrEqual(150);
    expect(note.source).toMatch(/\.$/);
    expect(findNote(note.id)).toBe(note);
    expect(NOTES.filter(({ id }) => id === note.id)).toHaveLength(1);
  });

  test('has a figure that says something true of every place its tapes can stand at', () => {
    const { low, high, every } = note.figure.ladder;
    expect((high - low) / every).toBeLessThanOrEqual(12);
    const said = new Set<string>();
    for (const at of standings(note.figure)) {
      const { marks, says } = note.figure.read(...at);
      said.add(says);
      expect(says).toMatch(/^[A-Z0-9+−].*\.$/);
      // Numbers in running text are those of the trade: thirds as 1/3.
      expect(says).not.toMatch(/NaN|undefined|Infinity|\.(33|67) stop/);
      expect(marks.length).toBeGreaterThan(0);
      for (const { from, to } of marks) {
        expect(Number.isFinite(from) && Number.isFinite(to)).toBe(true);
        expect(from).toBeLessThanOrEqual(to);
      }
      expect(new Set(marks.map(({ label }) => label)).size).toBe(marks.length);
    }
    // It is live: what it says follows its tapes.
    expect(said.size).toBeGreaterThan(3);
  });
});

/** A figure as its tapes stand, by what the tapes say. */
function reading(id: string, ...said: string[]) {
  const { figure } = findNote(id)!;
  const at = figure.scales.map(({ min, max, words: wordsAt }, i) => {
    for (let k = min; k <= max; k++) if (wordsAt(k) === said[i]) return k;
    throw new Error(`${id} cannot stand at ${said[i]}`);
  });
  return figure.read(...at);
}
const mark = (read: ReturnType<typeof reading>, label: string): number =>
  read.marks.find((one) => one.label === label)!.to;

describe('figures against published values', () => {
  test('1/125 s halves the light of 1/60 s (APEX: a stop is a doubling)', () => {
    expect(reading('stops', '1/125 s').says).toContain('1/2 of');
    expect(reading('stops', '1/15 s').says).toContain('4 times');
  });

  test('a grey card at EV 11 lies on mid-grey where N²/t = L S/K says so (ISO 2720)', () => {
    const [, main] = LENSES;
    // t = N² K / (L S), L = K 2^EV / 100
    const t = main.fNumber ** 2 / 2 ** 11;
    const { marks } = reading('triangle', '1/250 s', 'ISO 100');
    const at = marks.find(({ label }) => label === 'grey card')!.from;
    expect(Math.abs(at - Math.log2(1 / 256 / t))).toBeLessThan(1 / 6);
  });

  test('a white of 90 % lies 2 1/3 stops over 18 % (log2 of their ratio)', () => {
    expect(mark(reading('subjects', '91 %'), 'as it is')).toBeCloseTo(Math.log2(0.9 / 0.18), 1);
  });

  test('ISO 100 clips 2.96 stops above mid-grey, at 78/10 (ISO 12232)', () => {
    expect(mark(reading('iso', 'ISO 100'), 'what the raw holds')).toBeCloseTo(Math.log2(7.8), 2);
    expect(reading('iso', 'ISO 50').says).toContain('Extended');
  });

  test('the brightest stop has half of all levels; each stop below it half of those', () => {
    expect(reading('raw', 'brightest').says).toContain('1920 of 3839');
    expect(reading('raw', '3 from the top').says).toContain('480 of 3839');
  });

  test('sixteen frames have four times the SNR of one (mean of n: √n)', () => {
    const [one, many] = ['1', '16'].map((frames) =>
      mark(reading('noise', '−4 stops', frames), 'as it is'),
    );
    expect(many - one).toBeCloseTo(2, 6);
  });

  test('a star on the equator moves 15.04 seconds of arc in a second', () => {
    const [, { sensor, focalLengthMm }] = LENSES;
    const arc = (10 * 15.04 * Math.PI) / 180 / 3600;
    const px = arc / (sensor.pixelPitchUm / 1000 / focalLengthMm);
    expect(mark(reading('stars', '10 s', '26 mm'), 'trails')).toBeCloseTo(px, 0);
  });

  test('1/100 s leaves no stripes on 50 Hz mains, and does on 60 Hz (whole pulses average out)', () => {
    expect(reading('lamps', '1/50 s', '60 Hz').says).toContain('stripes of');
    expect(reading('lamps', '1/1000 s', '50 Hz').says).toContain('stripes of');
  });

  test('focused at the hyperfocal distance, half of it to infinity is sharp (H = f²/(N c) + f)', () => {
    const read = reading('depth', '2 m', '26 mm');
    const h = 2 ** mark(read, 'H');
    const [, { focalLengthMm: f, fNumber, sensor }] = LENSES;
    const diagonal = (Math.hypot(sensor.widthPx, sensor.heightPx) * sensor.pixelPitchUm) / 1000;
    const c = (0.03 * diagonal) / 43.27;
    expect(h).toBeCloseTo((f * f) / (fNumber * c) / 1000 + f / 1000, 3);
  });

  test('grey of mid-grey is 118 of 255 in the picture (IEC 61966-2-1)', () => {
    expect(reading('histograms', '0 stop').says).toContain('118 of 255');
  });

  test('six stops of glass make a time 64 times as long', () => {
    expect(reading('filters', '6 stops', 'EV 15').says).toContain('64 times');
  });
});
