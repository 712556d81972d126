/** What a film camera offers, and how it turns light into its picture. */
export interface FilmOptions {
  readonly curve: 'sRgb' | 'film';
  /** Noise of one frame: standard deviation as a share of the square root of light. */
  readonly noise: number;
  readonly capabilities: Readonly<Record<string, unknown>>;
  readonly settings: Readonly<Record<string, unknown>>;
  /** What it looks at instead of the wall: red, green, blue of sRGB pixels as base64. */
  readonly picture?: { readonly width: number; readonly height: number; readonly rgb: string };
}

/** What the page's film camera can be asked and told. */
export interface FilmHandle {
  state: Record<string, unknown>;
  /** No frame comes while this is set. */
  stalled: boolean;
  /** The scene's light, in times of what it was at first. */
  light: number;
  /** The phone is held the other way: frames stand. */
  turned: boolean;
  /** Refuses constraints for which this says so, by the name it gives. */
  refuse: ((wanted: Record<string, unknown>) => string | null) | null;
  track: MediaStreamTrack;
  opened: number;
}

/**
 * Gives the page it runs in a camera whose light, response, noise and controls are known: a wall of
 * patches over nine stops, exposed as it is told. In the place of the browser's own, which changes
 * nothing when it is told another exposure. Self-contained: it is sent to the page as source.
 */
export function installFilm(given: FilmOptions): void {
  const { width, height } = given.picture ?? { width: 320, height: 240 };
  const size = 16;
  let seed = 5;
  const uniform = (): number => {
    seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
    return (seed + 0.5) / 2 ** 32;
  };
  const across = Math.ceil(width / size);
  const levels = Array.from({ length: across * Math.ceil(height / size) }, uniform);
  const wall = (p: number): number => {
    const [x, y] = [p % width, Math.floor(p / width)];
    const level = levels[Math.floor(y / size) * across + Math.floor(x / size)];
    return 2 ** ((level - 0.5) * 9);
  };
  const bytes = given.picture
    ? Uint8Array.from(atob(given.picture.rgb), (c) => c.charCodeAt(0))
    : null;
  /**
   * Light of red, green and blue; a picture's white is what clips at the exposure it starts with.
   */
  const light = Float32Array.from({ length: 3 * width * height }, (_, i) =>
    bytes ? (bytes[i] / 255) ** 2.2 / 0.06 : wall(Math.floor(i / 3)),
  );
  const sRgb = (v: number): number => (v <= 0.0031308 ? 12.92 * v : 1.055 * v ** (1 / 2.4) - 0.055);
  const film = (v: number): number => {
    const s = sRgb(v);
    return 0.55 * s + 0.45 * s * s * (3 - 2 * s);
  };
  const curve = given.curve === 'film' ? film : sRgb;
  const STEPS = 16384;
  const codes = Uint8Array.from({ length: STEPS }, (_, k) =>
    Math.round(255 * curve((k + 0.5) / STEPS)),
  );
  const normals = Float32Array.from(
    { length: 1 << 16 },
    () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform()),
  );
  const rgba = new Uint8ClampedArray(4 * width * height).fill(255);
  /** Light that a picture gets: what is held, or what would put the wall's middle at mid-grey. */
  const exposureOf = (s: Record<string, unknown>): number =>
    handle.light *
    (s.exposureMode === 'manual'
      ? 0.06 * (Number(s.exposureTime) / 100) * (Number(s.iso ?? 100) / 100)
      : 0.06 * 2 ** Number(s.exposureCompensation ?? 0));
  const draw = (exposure: number): void => {
    let n = Math.floor(uniform() * normals.length);
    for (let p = 0, i = 0; p < light.length; p += 3, i += 4) {
      for (let c = 0; c < 3; c++) {
        const mean = light[p + c] * exposure;
        const seen = mean + given.noise * Math.sqrt(mean) * normals[n++ & 0xffff];
        rgba[i + c] = codes[Math.min(STEPS - 1, Math.max(0, Math.floor(seen * STEPS)))];
      }
    }
  };
  const handle = {
    state: { ...given.settings },
    stalled: false,
    turned: false,
    light: 1,
    refuse: null,
    opened: 0,
  } as unknown as FilmHandle;
  Object.assign(window, { film: handle });
  type GeneratedTrack = MediaStreamTrack & { readonly writable: WritableStream<VideoFrame> };
  type GeneratorClass = new (init: object) => GeneratedTrack;
  const Generator = (window as { MediaStreamTrackGenerator?: GeneratorClass })
    .MediaStreamTrackGenerator;
  /**
   * A track, and how it is given the picture as it is: pixel by pixel where the browser can, else
   * off a canvas.
   */
  const newTrack = (): { track: MediaStreamTrack; show: () => void } => {
    const sides = () => (handle.turned ? [height, width] : [width, height]);
    if (Generator) {
      const track = new Generator({ kind: 'video' });
      const writer = track.writable.getWriter();
      let time = 0;
      const show = (): void => {
        const [codedWidth, codedHeight] = sides();
        const timestamp = (time += 40_000);
        const init = { format: 'RGBA', codedWidth, codedHeight, timestamp } as const;
        void writer.write(new VideoFrame(rgba, init)).catch(() => {});
      };
      return { track, show };
    }
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = sides();
    const context = canvas.getContext('2d')!;
    const [track] = canvas.captureStream(25).getVideoTracks();
    return { track, show: () => context.putImageData(new ImageData(rgba, width, height), 0, 0) };
  };
  /** Exposing by itself it tells the time that compensation leads to. */
  const exposedTime = (): Record<string, unknown> => {
    const { exposureMode, exposureCompensation: comp } = handle.state;
    const { exposureTime } = given.settings;
    return exposureMode === 'manual' || exposureTime === undefined
      ? {}
      : { exposureTime: Number(exposureTime) * 2 ** Number(comp ?? 0) };
  };
  navigator.mediaDevices.getUserMedia = async () => {
    const { track, show } = newTrack();
    handle.opened++;
    handle.track = track;
    Object.defineProperty(track, 'label', { value: 'Film camera, facing back' });
    track.getCapabilities = () =>
      ({
        ...given.capabilities,
        width: { min: 1, max: width },
        height: { min: 1, max: height },
      }) as never;
    track.getSettings = () => ({ ...handle.state, ...exposedTime(), width, height }) as never;
    track.applyConstraints = async (wanted) => {
      const all = Object.assign({}, ...(wanted?.advanced ?? [])) as Record<string, unknown>;
      const refused = handle.refuse?.(all) ?? null;
      if (refused !== null)
        throw Object.assign(new DOMException('no', 'OverconstrainedError'), {
          constraint: refused,
        });
      const known = Object.entries(all).filter(([key]) => key in given.settings);
      handle.state = { ...handle.state, ...Object.fromEntries(known) };
    };
    const timer = setInterval(() => {
      if (track.readyState === 'ended') clearInterval(timer);
      else if (!handle.stalled) {
        draw(exposureOf(handle.state));
        show();
      }
    }, 40);
    return new MediaStream([track]);
  };
  navigator.permissions.query = async () => ({ state: 'granted' }) as PermissionStatus;
}
