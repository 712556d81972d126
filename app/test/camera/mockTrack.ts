import type {
  ControlCapabilities,
  ControlSettings,
} from '../../src/camera/browser/track/trackTypes';

/** A phone that offers everything the specification has (values as of a common one; memory). */
export const phone: ControlCapabilities = {
  exposureMode: ['manual', 'continuous'],
  exposureTime: { min: 1, max: 3333, step: 1 },
  exposureCompensation: { min: -2, max: 2, step: 1 / 6 },
  iso: { min: 50, max: 3200, step: 1 },
  focusMode: ['manual', 'single-shot', 'continuous'],
  focusDistance: { min: 0.1, max: 10, step: 0.01 },
  whiteBalanceMode: ['manual', 'continuous'],
  colorTemperature: { min: 2850, max: 7000, step: 50 },
  zoom: { min: 1, max: 8, step: 0.1 },
  torch: true,
};

/** A track that does what it is asked, unless told otherwise. */
export class MockTrack {
  readyState = 'live';
  state: ControlSettings = {
    exposureMode: 'continuous',
    exposureTime: 100,
    iso: 100,
    torch: false,
  };
  sent = 0;
  reject: ((wanted: ControlSettings) => string | undefined) | null = null;
  ignores: string | null = null;
  getCapabilities = (): ControlCapabilities => phone;
  getSettings = (): ControlSettings => this.state;
  async applyConstraints({ advanced }: { advanced: object[] }): Promise<void> {
    this.sent++;
    const wanted = Object.assign({}, ...advanced) as ControlSettings;
    const constraint = this.reject?.(wanted);
    if (constraint !== undefined) throw Object.assign(new Error('no'), { constraint });
    const done = Object.entries(wanted).filter(([key]) => key !== this.ignores);
    this.state = { ...this.state, ...Object.fromEntries(done) };
  }
}
