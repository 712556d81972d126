import type { Viewport } from '../../frame/frameView';

/** The whole frame, or so many screen pixels a photosite along each side. */
export type Zoom = 'fit' | 1 | 2;

/** Where and how large a frame is looked at; kept from frame to frame. */
export interface FrameLook {
  readonly zoom: Zoom;
  /** 0..1 of the picture as seen. */
  readonly centre: { readonly x: number; readonly y: number };
}

export const WHOLE: FrameLook = { zoom: 'fit', centre: { x: 0.5, y: 0.5 } };

const ZOOMS: readonly Zoom[] = ['fit', 1, 2];

/** The next larger or smaller magnification; the same at the end of them. */
export const nextZoom = (zoom: Zoom, by: 1 | -1): Zoom => ZOOMS[ZOOMS.indexOf(zoom) + by] ?? zoom;

export const ZOOM_WORDS: Readonly<Record<Zoom, string>> = {
  fit: 'Whole frame',
  1: '100 %',
  2: '200 %',
};

export const clamp01 = (v: number): number => Math.min(1, Math.max(0, v));

interface Size {
  readonly width: number;
  readonly height: number;
}

/** What a canvas of this size in CSS pixels is to show. */
export function viewportOf({ zoom, centre }: FrameLook, size: Size): Viewport {
  const ratio = window.devicePixelRatio || 1;
  const [width, height] = [size.width * ratio, size.height * ratio];
  return zoom === 'fit'
    ? { kind: 'fit', width, height }
    : { kind: 'full', scale: zoom, ...centre, width, height };
}

/** The centre when the picture has been dragged by so many CSS pixels since it was at `start`. */
export function draggedCentre(
  start: FrameLook['centre'],
  zoom: 1 | 2,
  picture: Size,
  x: number,
  y: number,
): FrameLook['centre'] {
  const ratio = (window.devicePixelRatio || 1) / zoom;
  return {
    x: clamp01(start.x - (x * ratio) / picture.width),
    y: clamp01(start.y - (y * ratio) / picture.height),
  };
}

/** Where a point of the screen lies in a picture fitted into a box, 0..1. */
export function placeInPicture(
  picture: Size,
  box: Size,
  x: number,
  y: number,
): FrameLook['centre'] {
  const scale = Math.min(box.width / picture.width, box.height / picture.height);
  return {
    x: clamp01((x - (box.width - picture.width * scale) / 2) / (picture.width * scale)),
    y: clamp01((y - (box.height - picture.height * scale) / 2) / (picture.height * scale)),
  };
}
