/**
 * The inner loops of developing a raw by a recipe, four pixels at a time, over planes of floats;
 * src/recipe/develop/plainLoops.ts says the same. Counts of pixels are multiples of four.
 */
export { mosaicRow, greenRow, colourRow } from './recipe/demosaic';
export { splineRows, shrinkRow, addRow, stabiliseRow, restoreRow } from './recipe/denoise';
export { toneRow } from './recipe/tone';
export { lumaRow, sharpenRow, bytesRow, wordsRow } from './recipe/output';
