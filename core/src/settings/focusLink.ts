import { dioptresOf } from '../optics/defocus';
import { METRES_A_FOOT } from '../optics/distance';
import { AUTO_FOCUS, FOCUS_DIOPTRES, heldFocus, type FocusSetting } from './settings';

/**
 * Reads "auto", "inf", "0.8", "0.8m" or "2.5ft" as a focus; null when it is none, or nearer than
 * any lens.
 */
export function parseFocus(text: string): FocusSetting | null {
  if (text === 'auto') return AUTO_FOCUS;
  if (text === 'inf') return heldFocus(0);
  const match = /^(\d+(?:\.\d+)?)(m|ft)?$/.exec(text);
  if (!match) return null;
  const distanceM = Number(match[1]) * (match[2] === 'ft' ? METRES_A_FOOT : 1);
  const dioptres = dioptresOf(distanceM);
  return dioptres <= FOCUS_DIOPTRES.max ? heldFocus(dioptres) : null;
}
