import fc from 'fast-check';
import { nextProbe, probedRange, type Probe } from '../../src/series';

/** What a camera that shows `floor`..`clip` clicks about mid-grey sees of a scene. */
const look = (scene: { brightest: number; darkest: number }, offsetClicks: number): Probe => {
  const [clip, floor] = [9, -18];
  const [bright, dark] = [scene.brightest + offsetClicks, scene.darkest + offsetClicks];
  return {
    offsetClicks,
    brightestClicks: Math.min(clip, bright),
    darkestClicks: Math.max(floor, dark),
    clips: bright > clip,
    isLost: dark < floor + 3,
  };
};

function probed(scene: { brightest: number; darkest: number }, reach = { min: -200, max: 200 }) {
  const probes: Probe[] = [];
  for (let offset: number | null = 0; offset !== null; offset = nextProbe(probes, reach))
    probes.push(look(scene, offset));
  return { probes, range: probedRange(probes) };
}

describe('a scene looked at by a camera that sees no further than its own white', () => {
  test('its range is found exactly, in looks two stops apart', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -20, max: 40 }),
        fc.integer({ min: 0, max: 60 }),
        (darkest, span) => {
          const scene = { darkest: darkest - 20, brightest: darkest - 20 + span };
          const { range, probes } = probed(scene);
          expect(range).toEqual({ brightestClicks: scene.brightest, darkestClicks: scene.darkest });
          expect(new Set(probes.map(({ offsetClicks }) => offsetClicks)).size).toBe(probes.length);
          const past = Math.max(0, scene.brightest - 9) + Math.max(0, -15 - scene.darkest);
          expect(probes.length).toBeLessThanOrEqual(3 + past / 6);
        },
      ),
    );
  });

  test('a scene that one exposure holds takes one look', () => {
    expect(probed({ brightest: 6, darkest: -6 }).probes).toHaveLength(1);
  });

  test('where the camera goes no further, the ends are as far as it saw', () => {
    const { range, probes } = probed({ brightest: 60, darkest: -60 }, { min: -9, max: 9 });
    expect(probes.map(({ offsetClicks }) => offsetClicks)).toEqual([0, -6, -9, 6, 9]);
    expect(range).toEqual({ brightestClicks: 9 + 9, darkestClicks: -18 - 9 });
  });
});
