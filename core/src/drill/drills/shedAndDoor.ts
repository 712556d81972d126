import { FIRST_SERIES } from '../../series/kinds';
import { clean, unclipped } from '../criteria/exposure';
import type { Drill } from '../drill';
import { BOARDS, YARD } from './places';

/** The "acceptable" SNR of ISO 12232's noise-based speed. */
const ACCEPTABLE_SNR = 10;

export const shedAndDoor: Drill = {
  id: 'shed-and-door',
  title: 'The shed and the door',
  wish: 'One bracket, of as few frames as do, that holds the yard behind the door and the boards inside.',
  sceneId: 'drying-shed',
  rig: { support: 'tripod', series: FIRST_SERIES.bracket },
  criteria: [unclipped(YARD), clean(BOARDS, ACCEPTABLE_SNR)],
  shares: true,
  note: 'brackets',
};
