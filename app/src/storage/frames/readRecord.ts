import type { FrameRecord, StoredFile } from './frameRecord';
import { isValid } from '../validation';

/** What version 1 kept of a frame: words, and the thumbnail with them. */
interface OlderRecord {
  readonly version: 1;
  readonly id: string;
  readonly capturedAt: number;
  readonly source: string;
  readonly summary: string;
  readonly files: readonly StoredFile[];
  readonly thumbnail: string;
}

function parsed(json: string): unknown {
  try {
    return JSON.parse(json) as unknown;
  } catch {
    return null;
  }
}

/** Turns a stored text into a record; null when it cannot be read. */
export function readRecord(json: string): FrameRecord | null {
  const value = parsed(json);
  return isValid<FrameRecord>('frameRecord', value) ? value : null;
}

/** Version 0, before records were numbered, called the summary `label`. */
function numbered(value: unknown): unknown {
  if (typeof value !== 'object' || value === null || 'version' in value) return value;
  if (!('label' in value)) return value;
  const { label, ...rest } = value;
  return { ...rest, summary: label, version: 1 };
}

/** A frame kept before version 2, as it is kept now; null when it cannot be read. */
export function readOlderRecord(
  json: string,
): { readonly record: FrameRecord; readonly thumbnail: string } | null {
  const value = numbered(parsed(json));
  if (!isValid<OlderRecord>('olderFrameRecord', value)) return null;
  const { id, capturedAt, source, summary, files, thumbnail } = value;
  const isSimulated = source.endsWith('(simulated)');
  const unknown = {
    timeS: null,
    iso: null,
    compClicks: null,
    lens: null,
    focusDioptres: null,
    white: null,
    clippedShare: null,
    width: 0,
    height: 0,
    average: null,
    series: null,
  };
  const record: FrameRecord = {
    version: 2,
    id,
    capturedAt,
    camera: isSimulated ? 'simulated' : 'browser',
    place: source,
    origin: isSimulated ? 'raw' : 'video-frame',
    ...unknown,
    roll: '',
    stem: files[0].name.replace(/\.[^.]*$/, ''),
    files,
    words: { source, summary },
  };
  return { record, thumbnail };
}
