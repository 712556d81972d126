import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from 'puppeteer-core';
import { CURVES, dice, patches } from '../../core/test/support/films';
import { installFilm, type FilmOptions } from './filmPage';

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

/** Gives a page the film camera before it asks for one. */
export const filmCamera = (page: Page, options: FilmOptions): Promise<unknown> =>
  page.evaluateOnNewDocument(installFilm, options);

/** Light of the wall in a film file: bars of grey, each twice as bright as the one before. */
export const BARS = { count: 5, darkest: 0.03 } as const;

/**
 * A film (y4m) of grey bars for Chromium's file-fed camera, every frame with noise of its own, seen
 * through the sRGB curve.
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
/**
 * The mark in the corner, where no series looks: its code for the first exposure and for each
 * further one.
 */
const MARK = { x: 316, y: 232, first: 20, step: 20 } as const;

/**
 * A film (y4m) of a wall of patches over nine stops, each second at another exposure, which a mark
 * in the corner names.
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
 * Makes a file-fed camera one whose exposure can be held: it takes any, and reports the one that
 * the film is at, which comes round once in a cycle.
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
