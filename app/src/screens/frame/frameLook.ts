import { AS_TAKEN, type Development, type Reframe } from '@velmo/core/recipe';
import type { Size, Viewport } from '../../frame/shownPicture';

/** The whole frame, or so many screen pixels a photosite along each side. */
export type Zoom = 'fit' | 1 | 2;

/** Where and how large a frame is looked at; kept from frame to frame. */
export interface FrameLook {
  readonly zoom: Zoom;
  /** 0..1 of the picture as seen. */
  readonly centre: { readonly x: number; readonly y: number };
}

/** All of the picture. */
export const WHOLE: FrameLook = { zoom: 'fit', centre: { x: 0.5, y: 0.5 } };

const ZOOMS: readonly Zoom[] = ['fit', 1, 2];

/** The next larger or smaller magnification; the same at the end of them. */
export const nextZoom = (zoom: Zoom, by: 1 | -1): Zoom => ZOOMS[ZOOMS.indexOf(zoom) + by] ?? zoom;

/** What a zoom is called. */
export const ZOOM_WORDS: Readonly<Record<Zoom, string>> = {
  fit: 'Whole frame',
  1: '100 %',
  2: '200 %',
};

/** The nearest share: 0..1. */
export const clamp01 = (v: number): number => Math.min(1, Math.max(0, v));

const pixelRatio = (): number => window.devicePixelRatio || 1;

/** How far a frame has moved against one it is laid on: shares of its sides, as seen. */
export interface Moved {
  readonly x: number;
  readonly y: number;
}
/** The picture lies where it belongs. */
export const NOT_MOVED: Moved = { x: 0, y: 0 };

/** What is the same wherever a frame is looked at. */
interface Laid {
  readonly moved?: Moved;
  readonly reframe?: Reframe;
  readonly development?: Development | null;
}

/**
 * What a canvas of this size in CSS pixels is to show of a picture.
 *
 * @param picture size as it is seen
 */
export function viewportOf(
  { zoom, centre }: FrameLook,
  picture: Size,
  box: Size,
  { moved = NOT_MOVED, reframe = AS_TAKEN, development = null }: Laid = {},
): Viewport {
  const ratio = pixelRatio();
  const size = { width: box.width * ratio, height: box.height * ratio, ratio };
  const canvas = { ...size, moved, reframe, development };
  return zoom === 'fit'
    ? { kind: 'fit', ...canvas }
    : { kind: 'full', scale: zoom, ...within(centre, zoom, picture, box), ...canvas };
}

/** Photosites of the picture in a CSS pixel. */
const photositesAPixel = (zoom: Zoom, picture: Size, box: Size): number =>
  zoom === 'fit'
    ? Math.max(picture.width / box.width, picture.height / box.height)
    : pixelRatio() / zoom;

/** The nearest centre at which a piece lies within the picture. */
function within(centre: FrameLook['centre'], zoom: Zoom, picture: Size, box: Size) {
  const photosites = photositesAPixel(zoom, picture, box);
  const inside = (c: number, shown: number): number =>
    shown >= 1 ? 0.5 : Math.min(1 - shown / 2, Math.max(shown / 2, c));
  return {
    x: inside(centre.x, (box.width * photosites) / picture.width),
    y: inside(centre.y, (box.height * photosites) / picture.height),
  };
}

/** The centre when the picture has been dragged by so many CSS pixels since it was at `start`. */
export function draggedCentre(
  start: FrameLook['centre'],
  zoom: 1 | 2,
  picture: Size,
  box: Size,
  x: number,
  y: number,
): FrameLook['centre'] {
  const ratio = pixelRatio() / zoom;
  const from = within(start, zoom, picture, box);
  const to = { x: from.x - (x * ratio) / picture.width, y: from.y - (y * ratio) / picture.height };
  return within(to, zoom, picture, box);
}

/** Where a point of the box a frame is looked at in lies in the picture; null beside it. */
export function placeAt(
  { zoom, centre }: FrameLook,
  picture: Size,
  box: Size,
  x: number,
  y: number,
): FrameLook['centre'] | null {
  const photosites = photositesAPixel(zoom, picture, box);
  const at = within(centre, zoom, picture, box);
  const place = {
    x: at.x + ((x - box.width / 2) * photosites) / picture.width,
    y: at.y + ((y - box.height / 2) * photosites) / picture.height,
  };
  return place.x >= 0 && place.x <= 1 && place.y >= 0 && place.y <= 1 ? place : null;
}

/**
 * Photosites about a finger's or pointer's place that are read: what it points at, not one of them.
 */
export const readRadius = (zoom: Zoom, picture: Size, box: Size): number =>
  READ_PX * photositesAPixel(zoom, picture, box);

const READ_PX = 4;

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
