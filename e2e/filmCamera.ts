import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from 'puppeteer-core';
import { CURVES, dice, patches } from '../core/test/films';

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

/** Controls as the specification has them. */
export const ALL_CONTROLS = {
  exposureMode: ['manual', 'continuous'],
  exposureTime: { min: 1, max: 3333, step: 1 },
  exposureCompensation: { min: -2, max: 2, step: 1 / 3 },
  iso: { min: 50, max: 3200, step: 50 },
  whiteBalanceMode: ['manual', 'continuous'],
  colorTemperature: { min: 2850, max: 7000, step: 50 },
  zoom: { min: 1, max: 4, step: 0.1 },
  torch: true,
} as const;

export const PLAIN_SETTINGS = {
  exposureMode: 'continuous',
  exposureTime: 100,
  exposureCompensation: 0,
  iso: 100,
  whiteBalanceMode: 'continuous',
  colorTemperature: 5000,
  zoom: 1,
  torch: false,
} as const;

/** What the page's film camera can be asked and told. */
export interface FilmHandle {
  state: Record<string, unknown>;
  /** No frame comes while this is set. */
  stalled: boolean;
  /** The phone is held the other way: frames stand. */
  turned: boolean;
  /** Refuses constraints for which this says so, by the name it gives. */
  refuse: ((wanted: Record<string, unknown>) => string | null) | null;
  track: MediaStreamTrack;
  opened: number;
}

/**
 * Gives the page a camera whose light, response, noise and controls are known: a wall of patches over nine stops, exposed
 * as it is told. In the place of the browser's own, which changes nothing when it is told another exposure.
 */
export function filmCamera(page: Page, options: FilmOptions): Promise<unknown> {
  return page.evaluateOnNewDocument((given: FilmOptions) => {
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
    /** Light of red, green and blue; a picture's white is what clips at the exposure it starts with. */
    const light = Float32Array.from({ length: 3 * width * height }, (_, i) =>
      bytes ? (bytes[i] / 255) ** 2.2 / 0.06 : wall(Math.floor(i / 3)),
    );
    const sRgb = (v: number): number =>
      v <= 0.0031308 ? 12.92 * v : 1.055 * v ** (1 / 2.4) - 0.055;
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
      s.exposureMode === 'manual'
        ? 0.06 * (Number(s.exposureTime) / 100) * (Number(s.iso ?? 100) / 100)
        : 0.06 * 2 ** Number(s.exposureCompensation ?? 0);
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
      refuse: null,
      opened: 0,
    } as unknown as FilmHandle;
    Object.assign(window, { film: handle });
    type GeneratedTrack = MediaStreamTrack & { readonly writable: WritableStream<VideoFrame> };
    const Generator = (
      window as unknown as { MediaStreamTrackGenerator: new (init: object) => GeneratedTrack }
    ).MediaStreamTrackGenerator;
    navigator.mediaDevices.getUserMedia = async () => {
      const track = new Generator({ kind: 'video' });
      const writer = track.writable.getWriter();
      handle.opened++;
      handle.track = track;
      Object.defineProperty(track, 'label', { value: 'Film camera, facing back' });
      track.getCapabilities = () =>
        ({
          ...given.capabilities,
          width: { min: 1, max: width },
          height: { min: 1, max: height },
        }) as never;
      track.getSettings = () => ({ ...handle.state, width, height }) as never;
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
      let time = 0;
      const timer = setInterval(() => {
        if (track.readyState === 'ended') clearInterval(timer);
        else if (!handle.stalled) {
          draw(exposureOf(handle.state));
          const frame = new VideoFrame(rgba, {
            format: 'RGBA',
            codedWidth: handle.turned ? height : width,
            codedHeight: handle.turned ? width : height,
            timestamp: (time += 40_000),
          });
          void writer.write(frame).catch(() => {});
        }
      }, 40);
      return new MediaStream([track]);
    };
    navigator.permissions.query = async () => ({ state: 'granted' }) as PermissionStatus;
  }, options);
}

/** Light of the wall in a film file: bars of grey, each twice as bright as the one before. */
export const BARS = { count: 5, darkest: 0.03 } as const;

/**
 * A film (y4m) of grey bars for Chromium's file-fed camera, every frame with noise of its own, seen through the sRGB curve.
 *
 * @param noise standard deviation as a share of the square root of light
 * @returns path of the file
 */
export function barsFilm(width: number, height: number, frames: number, noise: number): string {
  const { normal } = dice(9);
  const lumas: Buffer[] = [];
  for (let k = 0; k < frames; k++) {
    const luma = Buffer.alloc(width * height);
    for (let p = 0; p < luma.length; p++) {
      const bar = Math.floor(((p % width) * BARS.count) / width);
      const mean = BARS.darkest * 2 ** bar;
      const seen = Math.min(1, Math.max(0, mean + noise * Math.sqrt(mean) * normal()));
      // Chromium reads luma in studio range (ITU-R BT.601): 16 to 235.
      luma[p] = Math.round(16 + 219 * CURVES.sRgb(seen));
    }
    lumas.push(luma);
  }
  return writeFilm(width, height, lumas);
}

/** Writes a film without colour. */
function writeFilm(width: number, height: number, lumas: readonly Buffer[]): string {
  const parts: Buffer[] = [Buffer.from(`YUV4MPEG2 W${width} H${height} F30:1 Ip A1:1 C420jpeg\n`)];
  const chroma = Buffer.alloc((width * height) / 2, 128);
  for (const luma of lumas) parts.push(Buffer.from('FRAME\n'), luma, chroma);
  const path = join(mkdtempSync(join(tmpdir(), 'velmo-film-')), 'film.y4m');
  writeFileSync(path, Buffer.concat(parts));
  return path;
}

/** Frames of each exposure in a film of exposures: a second. */
const EACH = 30;
/** Different frames among them: noise that is the same again later. */
const DIFFERENT = 8;
/** The mark in the corner, where no series looks: its code for the first exposure and for each further one. */
const MARK = { x: 316, y: 232, first: 20, step: 20 } as const;

/**
 * A film (y4m) of a wall of patches over nine stops, each second at another exposure, which a mark in the corner names.
 *
 * @param exposures light of the wall's middle, as a share of clipping
 */
export function exposuresFilm(
  curve: (light: number) => number,
  exposures: readonly number[],
  noise: number,
): string {
  const [width, height] = [320, 240];
  const { uniform, normal } = dice(31);
  const normals = Float32Array.from({ length: 1 << 16 }, normal);
  const light = patches(width, height, 8, 9);
  const STEPS = 16384;
  const codes = Uint8Array.from({ length: STEPS }, (_, k) =>
    Math.round(16 + 219 * curve((k + 0.5) / STEPS)),
  );
  const lumas = exposures.flatMap((exposure, k) => {
    const different = Array.from({ length: DIFFERENT }, () => {
      const luma = Buffer.alloc(width * height);
      let n = Math.floor(uniform() * normals.length);
      for (let p = 0; p < luma.length; p++) {
        const mean = light[p] * exposure;
        const seen = mean + noise * Math.sqrt(mean) * normals[n++ & 0xffff];
        luma[p] = codes[Math.min(STEPS - 1, Math.max(0, Math.floor(seen * STEPS)))];
      }
      const mark = Math.round(16 + (219 * (MARK.first + MARK.step * k)) / 255);
      for (let y = MARK.y; y < height; y++) luma.fill(mark, y * width + MARK.x, (y + 1) * width);
      return luma;
    });
    return Array.from({ length: EACH }, (_, f) => different[f % DIFFERENT]);
  });
  return writeFilm(width, height, lumas);
}

/**
 * Makes a file-fed camera one whose exposure can be held: it takes any, and reports the one that the film is at, which
 * comes round once in a cycle.
 *
 * @param times of the film's exposures, in units of exposureTime
 */
export const exposuresCamera = (page: Page, times: readonly number[]): Promise<unknown> =>
  page.evaluateOnNewDocument(
    (units: readonly number[], mark: typeof MARK) => {
      const ask = navigator.mediaDevices.getUserMedia.bind(navigator.mediaDevices);
      const shown = { exposure: -1 };
      Object.assign(window, { shown });
      navigator.mediaDevices.getUserMedia = async (wanted) => {
        const stream = await ask(wanted);
        const [track] = stream.getVideoTracks();
        const video = document.createElement('video');
        video.muted = true;
        video.srcObject = new MediaStream([track.clone()]);
        void video.play();
        const context = new OffscreenCanvas(4, 4).getContext('2d', { willReadFrequently: true })!;
        setInterval(() => {
          context.drawImage(video, mark.x + 1, mark.y + 2, 2, 4, 0, 0, 4, 4);
          const code = context.getImageData(1, 1, 1, 1).data[1];
          shown.exposure = Math.round((code - mark.first) / mark.step);
        }, 15);
        let exposureMode = 'continuous';
        const real = track.getSettings.bind(track);
        track.getCapabilities = () =>
          ({
            exposureMode: ['manual', 'continuous'],
            exposureTime: { min: units[0], max: units[units.length - 1] },
          }) as never;
        track.getSettings = () =>
          ({ ...real(), exposureMode, exposureTime: units[shown.exposure] ?? units[0] }) as never;
        track.applyConstraints = async (constraints) => {
          const all = Object.assign({}, ...(constraints?.advanced ?? [])) as {
            exposureMode?: string;
          };
          exposureMode = all.exposureMode ?? exposureMode;
        };
        return stream;
      };
    },
    times,
    MARK,
  );
