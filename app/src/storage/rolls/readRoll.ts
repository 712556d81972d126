import { isValid } from '../validation';
import type { RollRecord } from './rollRecord';

/** Turns a stored text into a roll; null when it cannot be read. */
export function readRoll(text: string | null | undefined): RollRecord | null {
  if (text == null) return null;
  try {
    const value: unknown = JSON.parse(text);
    return isValid<RollRecord>('rollRecord', value) ? value : null;
  } catch {
    return null;
  }
}
