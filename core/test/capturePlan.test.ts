import { framePlan } from '../src/series';
import { DEFAULT_SETTINGS } from '../src/settings';

describe('the plan of one press', () => {
  const averaged = { ...DEFAULT_SETTINGS, average: 16 };

  test('is one frame that moves nothing of what is held', () => {
    const plan = framePlan(DEFAULT_SETTINGS, { focusFirst: true, averages: true });
    expect(plan).toEqual({
      settings: DEFAULT_SETTINGS,
      focusFirst: true,
      steps: [{ moves: {}, gathering: { kind: 'single' } }],
    });
  });

  test('averages where the settings ask for it and the camera can', () => {
    const able = framePlan(averaged, { focusFirst: false, averages: true });
    expect(able.steps.map((s) => s.gathering)).toEqual([{ kind: 'average', frames: 16 }]);
    const unable = framePlan(averaged, { focusFirst: false, averages: false });
    expect(unable.steps.map((s) => s.gathering)).toEqual([{ kind: 'single' }]);
  });
});
