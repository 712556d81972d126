import { ZOOM_CLICKS_PER_DOUBLING, type TapeScale } from './tapeScale';

/** Zoom of a camera that tells no focal length: times its widest angle. */
export const zoomOfClick = (click: number): number => 2 ** (click / ZOOM_CLICKS_PER_DOUBLING);
/** Where a zoom stands on its tape; 1 is the device's widest. */
export const clickOfZoom = (zoom: number): number => ZOOM_CLICKS_PER_DOUBLING * Math.log2(zoom);

const words = (click: number): string => `${zoomOfClick(click).toFixed(1)}×`;

/** Zoom of a device whose focal lengths are not known. */
export const DEVICE_ZOOM_SCALE: TapeScale = {
  name: 'Zoom',
  engrave: words,
  readout: words,
  speak: (click) => `${zoomOfClick(click).toFixed(1)} times`,
  majorEvery: 6,
};
