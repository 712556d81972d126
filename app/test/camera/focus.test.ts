import {
  circleOfConfusionMm,
  defocusOf,
  dioptresOf,
  findLens,
  focusClickOf,
  focusClickRange,
  hyperfocalM,
  MAX_PHASE_LOOKS,
  type PhaseReading,
} from '@velmo/core/optics';
import { AUTO_FOCUS, DEFAULT_SETTINGS, heldFocus } from '@velmo/core/settings';
import type { Sharpness } from '@velmo/core/monitor';
import { AutoFocus } from '../../src/camera/simulated/live/autoFocus';
import { mostContrast } from '../../src/camera/simulated/live/focusSpot';
import { simulatedFocus } from '../../src/camera/simulated/simulatedFocus';
import {
  countsMetres,
  focusConstraints,
  reportedFocus,
  trackFocus,
} from '../../src/camera/browser/track/trackFocus';
import { photositeAt } from '../../src/camera/simulated/simulatedView';
import { focusTapeScale } from '../../src/instruments/tape/focusTapeScale';
import type { Readings } from '../../src/camera/device/readings';
import { fieldStore, readingsStore } from '../../src/screens/field/session/fieldState';
import {
  dioptresNow,
  focusAt,
  followFocus,
  releaseFocus,
  toHyperfocal,
  watchFocus,
} from '../../src/screens/field/commands/focusCommands';
import { activate, tapTape } from '../../src/screens/field/commands/activeTape';
import {
  closeLoupe,
  dragLoupe,
  listenToSharpness,
  loupeAfterTurning,
  loupeNow,
  loupeWhileTurning,
  openLoupe,
  zoomLoupe,
} from '../../src/screens/field/window/loupeView';

jest.mock('../../src/camera/simulated/simulatedCamera', () => ({
  SimulatedCamera: function SimulatedCamera() {},
}));
jest.mock('../../src/camera/browser/browserCamera', () => ({
  BrowserCamera: function BrowserCamera() {},
}));
jest.mock('../../src/storage/kept/settingsStore', () => ({ keepSettings: () => {} }));

const main = findLens('main')!;
const settings = () => fieldStore.get().settings;
const reading = (part: Partial<Readings>): void =>
  readingsStore.set({ ...readingsStore.get(), ...part } as Readings);

beforeEach(() => {
  readingsStore.set(null);
  fieldStore.update((s) => ({
    ...s,
    settings: DEFAULT_SETTINGS,
    capabilities: { focus: simulatedFocus, longSidePx: () => 4000 } as never,
    loupe: null,
    hand: null,
    notice: null,
    upright: true,
  }));
});

describe('who focuses', () => {
  test('a tap focuses there and goes on following or staying, as before; what is held moves only when asked', () => {
    focusAt({ x: 0.2, y: 0.7 });
    expect(settings().focus).toEqual({ mode: 'auto', spot: { x: 0.2, y: 0.7 }, follow: true });
    followFocus(false);
    focusAt({ x: 0.4, y: 0.4 });
    expect(settings().focus).toEqual({ mode: 'auto', spot: { x: 0.4, y: 0.4 }, follow: false });
    releaseFocus();
    expect(settings().focus).toEqual(AUTO_FOCUS);
  });

  test('where the lens stands: as held, as found, never nearer than it can; unknown is null', () => {
    expect(dioptresNow()).toBeNull();
    reading({ focus: { dioptres: 0.8, state: 'found' } });
    expect(dioptresNow()).toBe(0.8);
    fieldStore.update((s) => ({ ...s, settings: { ...s.settings, focus: heldFocus(25) } }));
    expect(dioptresNow()).toBeCloseTo(10, 0);
    toHyperfocal();
    expect(1 / dioptresNow()!).toBeCloseTo(2.19, 1);
  });

  test('a search that fails is said once, with what to do', () => {
    const stop = watchFocus();
    // A search nobody has asked for fails quietly: the tape says it.
    reading({ focus: { dioptres: 0, state: 'searching' } });
    reading({ focus: { dioptres: 0, state: 'flat' } });
    expect(fieldStore.get().notice).toBeNull();
    focusAt({ x: 0.2, y: 0.7 });
    reading({ focus: { dioptres: 0, state: 'searching' } });
    reading({ focus: { dioptres: 0, state: 'dark' } });
    expect(fieldStore.get().notice?.text).toMatch(/Too dark .* Tap something lit/);
    fieldStore.update((s) => ({ ...s, notice: null }));
    reading({ focus: { dioptres: 0, state: 'dark' } });
    expect(fieldStore.get().notice).toBeNull();
    reading({ focus: { dioptres: 0, state: 'searching' } });
    reading({ focus: { dioptres: 0, state: 'flat' } });
    expect(fieldStore.get().notice?.text).toMatch(/Nothing there to focus on/);
    stop();
  });

  test('a tap on a tape takes it in hand, and puts it down', () => {
    tapTape('focus');
    expect(fieldStore.get().activeTape).toBe('focus');
    tapTape('time');
    expect(fieldStore.get().activeTape).toBe('time');
    tapTape('time');
    expect(fieldStore.get().activeTape).toBeNull();
    activate(null);
  });
});

describe('the lens', () => {
  const peakAt = (click: number, at: number): Sharpness => ({
    detail: 0.4 / (1 + ((click - at) / 6) ** 2),
    sure: 40,
    signalToNoise: 20,
  });

  /** Angle of a photosite of the main lens, as a tangent. */
  const PIXEL = 3.4e-4;
  /** What the halves of the pupil show of something at a place, by the thin lens. */
  const phaseOf = (auto: AutoFocus, dioptres: number): PhaseReading => {
    const { dioptres: at } = auto.reading;
    return {
      radiusPx: defocusOf(main, at, PIXEL).pxPerDioptre * (dioptres - at),
      sigmaPx: 0.05,
      likeness: 0.95,
      contrast: 0.2,
      sure: 100,
      signalToNoise: 40,
    };
  };
  const nothing = { radiusPx: 3, sigmaPx: 9, likeness: 0.05, contrast: 0.0005, sure: 0.3 };

  test('finds its place by phase in a few looks, and says that it searches meanwhile', async () => {
    const auto = new AutoFocus();
    auto.mount(main);
    auto.hold(0);
    auto.start(PIXEL);
    let looks = 0;
    for (; auto.looksBy === 'phase'; looks++) {
      expect(auto.reading.state).toBe('searching');
      auto.seePhase(phaseOf(auto, 3.2));
    }
    await auto.settled();
    expect(looks).toBeLessThanOrEqual(MAX_PHASE_LOOKS);
    expect(auto.reading.state).toBe('found');
    expect(auto.reading.dioptres).toBeCloseTo(3.2, 2);
  });

  test('where the halves do not agree it hunts by contrast, and stops where it is sharpest', () => {
    const auto = new AutoFocus();
    auto.mount(main);
    const seen = new Set<number>();
    auto.start(PIXEL);
    for (let look = 0; auto.looksBy === 'phase'; look++)
      // Something that is told elsewhere at every look.
      auto.seePhase(phaseOf(auto, look % 2 === 0 ? 6 : 1));
    expect(auto.looksBy).toBe('contrast');
    for (let looks = 0; auto.looksBy === 'contrast'; looks++) {
      const click = focusClickOf(main, auto.reading.dioptres);
      seen.add(Math.round(click));
      auto.seeDetail(peakAt(click, -12.6));
      if (looks > 60) throw new Error('the search does not end');
    }
    expect(auto.reading.state).toBe('found');
    expect(focusClickOf(main, auto.reading.dioptres)).toBeCloseTo(-12.6, 0);
    // It really travelled.
    expect(Math.max(...seen) - Math.min(...seen)).toBeGreaterThan(20);
  });

  test.each([
    ['dark', { ...nothing, signalToNoise: 1 }],
    ['flat', { ...nothing, signalToNoise: 30 }],
  ] as const)(
    'too %s: it stands at the hyperfocal distance at once, and says why',
    (state, shown) => {
      const auto = new AutoFocus();
      auto.mount(main);
      auto.hold(6);
      auto.start(PIXEL);
      for (let looks = 0; auto.looksBy; looks++) {
        auto.seePhase(shown);
        expect(looks).toBeLessThan(2);
      }
      expect(auto.reading.state).toBe(state);
      expect(1 / auto.reading.dioptres).toBeCloseTo(
        hyperfocalM(main, circleOfConfusionMm(main)),
        5,
      );
    },
  );

  test('held while it searches, it obeys, and nobody waits for ever', async () => {
    const auto = new AutoFocus();
    auto.mount(main);
    auto.start(PIXEL);
    const waiting = auto.settled();
    auto.hold(2);
    await waiting;
    expect(auto.reading).toEqual({ dioptres: 2, state: 'held' });
    auto.mount(findLens('ultrawide')!);
    expect(auto.reading.state).toBe('fixed');
    auto.start(PIXEL);
    await auto.settled();
    expect(auto.reading.state).toBe('fixed');
  });

  test('looks beside the middle only where the middle shows nothing', () => {
    const picture = (at: [number, number] | null) => {
      const rgb = new Float32Array(3 * 100 * 80).fill(10);
      if (at)
        for (let y = 0; y < 80; y++)
          for (let x = 0; x < 100; x++)
            if (Math.hypot(x - at[0], y - at[1]) < 8 && (x + y) % 2)
              rgb[3 * (y * 100 + x) + 1] = 30;
      return { rgb, width: 100, height: 80 };
    };
    const middle = { x: 0.5, y: 0.5 };
    expect(mostContrast(picture([50, 40]), middle)).toEqual(middle);
    expect(mostContrast(picture([38, 40]), middle)).toEqual({ x: 0.38, y: 0.5 });
    expect(mostContrast(picture(null), middle)).toEqual(middle);
  });

  test('a place in an upright picture is found on the sensor that lies', () => {
    expect(photositeAt({ x: 0.25, y: 0.5 }, 4000, 3000, true)).toEqual({ column: 2000, row: 2250 });
    expect(photositeAt({ x: 0.25, y: 0.5 }, 4000, 3000, false)).toEqual({
      column: 1000,
      row: 1500,
    });
  });
});

describe('the focus tape', () => {
  const control = simulatedFocus(DEFAULT_SETTINGS);
  const scale = focusTapeScale({ ...control, range: control.range! }, 'm');

  test('is engraved in distances with infinity and the hyperfocal mark, none over another', () => {
    const texts = scale.engraved!.map((e) => e.text);
    expect(texts).toEqual(expect.arrayContaining(['0.1', '0.5', '1', 'H', '∞']));
    const clicks = scale.engraved!.map((e) => e.click).sort((a, b) => a - b);
    for (let i = 1; i < clicks.length; i++)
      expect(clicks[i] - clicks[i - 1]).toBeGreaterThanOrEqual(3);
    expect(scale.engraved!.find((e) => e.text === 'H')!.click).toBeCloseTo(-6, 5);
  });

  test('says distances in metres or feet, infinity in words for those who listen', () => {
    const click = control.clickOf(dioptresOf(0.8));
    expect(scale.readout(click)).toBe('0.8 m');
    expect(focusTapeScale({ ...control, range: control.range! }, 'ft').readout(click)).toBe(
      '2.6 ft',
    );
    expect(scale.readout(0)).toBe('∞');
    expect(scale.speak(0)).toBe('infinity');
    expect(scale.readout(focusClickRange(main).max)).toBe('past ∞');
  });

  test('a crop makes the sharp zone shallower, as it is enlarged more', () => {
    const zone = control.zoneOf(1)!;
    const cropped = simulatedFocus({ ...DEFAULT_SETTINGS, crop: 2 }).zoneOf(1)!;
    expect(cropped.farM - cropped.nearM).toBeLessThan(0.6 * (zone.farM - zone.nearM));
  });
});

describe('focus of a browser’s camera (W3C Image Capture)', () => {
  beforeAll(() => {
    Object.defineProperty(navigator, 'mediaDevices', {
      configurable: true,
      value: { getSupportedConstraints: () => ({ pointsOfInterest: true }) },
    });
  });
  const phone = {
    focusMode: ['manual', 'single-shot', 'continuous'],
    focusDistance: { min: 0.1, max: 10, step: 0.01 },
  };
  const webcam = {
    focusMode: ['manual', 'continuous'],
    focusDistance: { min: 0, max: 250, step: 5 },
  };

  test('metres are read as metres; steps of unknown reach are never called a distance', () => {
    expect(countsMetres(phone.focusDistance)).toBe(true);
    expect(countsMetres(webcam.focusDistance)).toBe(false);
    const metres = trackFocus(phone)!;
    expect(metres.steps).toBe(false);
    expect(1 / metres.dioptresOf(metres.range!.min)).toBeCloseTo(0.1);
    expect(1 / metres.dioptresOf(metres.range!.max)).toBeCloseTo(10);
    const steps = trackFocus(webcam)!;
    expect(steps.steps).toBe(true);
    const scale = focusTapeScale({ ...steps, range: steps.range! }, 'm');
    expect(scale.readout(steps.range!.min)).toBe('step 0');
    expect(steps.zoneOf(1)).toBeNull();
  });

  test('what is asked of the track is in its own unit, and comes back the same', () => {
    for (const track of [phone, webcam]) {
      const control = trackFocus(track)!;
      for (const share of [1, 0.6, 0.1, 0]) {
        const click = -Math.round(share * -control.range!.min);
        const dioptres = control.dioptresOf(click);
        const asked = focusConstraints(heldFocus(dioptres), DEFAULT_SETTINGS.meter, track);
        expect(asked.focusMode).toBe('manual');
        const settings = { focusMode: 'manual', focusDistance: asked.focusDistance as number };
        const { dioptres: back, state } = reportedFocus(track, settings)!;
        expect(state).toBe('held');
        expect(Math.abs(control.clickOf(back) - click)).toBeLessThan(1);
      }
    }
  });

  test('a tap goes out as a point of interest where that is offered; else nothing is asked for', () => {
    const at = { x: 0.3, y: 0.6 };
    const focus = { mode: 'auto', spot: at, follow: true } as const;
    expect(focusConstraints(focus, DEFAULT_SETTINGS.meter, phone)).toEqual({
      focusMode: 'single-shot',
      pointsOfInterest: [at],
    });
    expect(focusConstraints(AUTO_FOCUS, DEFAULT_SETTINGS.meter, phone)).toEqual({
      focusMode: 'continuous',
    });
    expect(focusConstraints(focus, DEFAULT_SETTINGS.meter, {})).toEqual({});
    expect(trackFocus({})).toBeNull();
    expect(reportedFocus({}, {})).toBeNull();
  });
});

describe('the loupe', () => {
  test('comes by itself while the tape turns and goes with it; asked for, it stays', () => {
    loupeWhileTurning();
    expect(fieldStore.get().loupe).toMatchObject({ stays: false, at: { x: 0.5, y: 0.5 } });
    loupeAfterTurning();
    expect(fieldStore.get().loupe).toBeNull();
    openLoupe({ x: 0.2, y: 0.3 });
    loupeAfterTurning();
    expect(fieldStore.get().loupe?.at).toEqual({ x: 0.2, y: 0.3 });
    closeLoupe();
    expect(fieldStore.get().loupe).toBeNull();
  });

  test('follows the finger photosite by photosite', () => {
    openLoupe({ x: 0.5, y: 0.5 });
    dragLoupe(-30, 40);
    const { at, stays } = fieldStore.get().loupe!;
    // Upright, 3000 photosites lie across and 4000 along.
    expect(at.x).toBeCloseTo(0.5 + 30 / 3000, 9);
    expect(at.y).toBeCloseTo(0.5 - 40 / 4000, 9);
    expect(stays).toBe(true);
    dragLoupe(1e6, 0);
    expect(fieldStore.get().loupe!.at.x).toBe(0);
  });

  test('half as many photosites along its side at 200 %', () => {
    openLoupe({ x: 0.5, y: 0.5 });
    const { photosites } = loupeNow()!;
    zoomLoupe();
    expect(loupeNow()).toEqual({ at: { x: 0.5, y: 0.5 }, photosites: photosites / 2 });
    zoomLoupe();
    expect(loupeNow()!.photosites).toBe(photosites);
    closeLoupe();
    expect(loupeNow()).toBeNull();
  });

  test('its bar holds the best seen, until it looks elsewhere', () => {
    const shown: number[][] = [];
    const stop = listenToSharpness((now, best) => shown.push([now, best]));
    for (const detail of [0.2, 0.4, 0.1])
      reading({ loupe: { at: { x: 0.5, y: 0.5 }, detail, sure: 9 } });
    expect(shown[1][0]).toBeCloseTo(shown[1][1]);
    expect(shown[2][0]).toBeCloseTo(shown[2][1] / 4);
    reading({ loupe: { at: { x: 0.6, y: 0.5 }, detail: 0.05, sure: 9 } });
    expect(shown[3][0]).toBeCloseTo(shown[3][1]);
    stop();
  });
});
