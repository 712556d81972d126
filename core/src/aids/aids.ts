import { exactly } from '../settings/exactly';
import { FRAME_SHAPES, type FrameShape } from './frameLines';
import { GRIDS, type Grid } from './grids';

/** Readings that a caption over the picture can hold, in the order they stand there. */
export const CAPTION_PARTS = ['exposure', 'light', 'focus', 'white', 'lens', 'tilt'] as const;
export type CaptionPart = (typeof CAPTION_PARTS)[number];

export const AID_STRENGTHS = ['faint', 'middle', 'strong'] as const;
export type AidStrength = (typeof AID_STRENGTHS)[number];

/** What is laid over the Window to compose by. The same for every picture. */
export interface Aids {
  readonly grid: Grid | 'off';
  readonly frame: FrameShape | 'off';
  readonly level: boolean;
  readonly caption: readonly CaptionPart[];
  readonly strength: AidStrength;
}

export const NO_AIDS: Aids = {
  grid: 'off',
  frame: 'off',
  level: false,
  caption: [],
  strength: 'middle',
};

/** JSON Schema of Aids. */
export const AIDS_SCHEMA = exactly({
  grid: { enum: [...GRIDS, 'off'] },
  frame: { enum: [...FRAME_SHAPES, 'off'] },
  level: { type: 'boolean' },
  caption: { type: 'array', items: { enum: CAPTION_PARTS }, uniqueItems: true },
  strength: { enum: AID_STRENGTHS },
});
