import type { FrameRecord } from './frameRecord';
import { isFrameRecord } from './validation';

/** Turns the text of an index entry into a record, older versions included; null when it cannot be read. */
export function recordFromText(text: string): FrameRecord | null {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return null;
  }
  const current = upgrade(value);
  return isFrameRecord(current) ? current : null;
}

/** Version 0, before records were numbered, called the summary `label`. */
function upgrade(value: unknown): unknown {
  if (typeof value !== 'object' || value === null || 'version' in value) return value;
  if (!('label' in value)) return value;
  const { label, ...rest } = value;
  return { ...rest, summary: label, version: 1 };
}
