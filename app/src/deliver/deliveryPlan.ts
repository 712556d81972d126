import { safeName, sidecarXmp, uniqueName } from '@velmo/core/files';
import { AS_EXPOSED, AS_TAKEN } from '@velmo/core/recipe';
import type { DevelopOrder } from '../frame/framedFile';
import type { FrameRecord, StoredFile } from '../storage/frames/frameRecord';
import { isRaw } from '../storage/frames/frameRecord';
import type { FrameDecision } from '../storage/rolls/decision';

/** What is delivered of each frame. */
export const DELIVERED = ['files', 'developed', 'archive'] as const;
export type Delivered = (typeof DELIVERED)[number];

/** What is delivered, and how it is named. */
export interface DeliveryChoices {
  /**
   * Its files as they are, or a JPEG developed by its recipe where it has a raw; or all there is of
   * it, to be brought into Velmo again.
   */
  readonly what: Delivered;
  /** What was decided of a frame lies beside it as XMP. */
  readonly sidecars: boolean;
  /** Frames of a series lie in a folder of their own. */
  readonly folders: boolean;
  /** Files may say where they were taken. */
  readonly place: boolean;
}

/** As it is before anything was chosen. */
export const FIRST_DELIVERY: DeliveryChoices = {
  what: 'files',
  sidecars: false,
  folders: true,
  place: true,
};

/** One file to be delivered. */
export interface DeliveryEntry {
  /** The frame it belongs to. */
  readonly frame: string;
  /** Folder, or '', and name. */
  readonly folder: string;
  readonly name: string;
  /** Milliseconds since 1970. */
  readonly at: number;
  readonly source:
    | { readonly kind: 'stored'; readonly id: string; readonly file: StoredFile }
    | {
        readonly kind: 'developed';
        readonly id: string;
        readonly file: StoredFile;
        readonly order: DevelopOrder;
      }
    | { readonly kind: 'text'; readonly text: string };
  /** It may say where it was taken. */
  readonly place: boolean;
  /** Of a stored file; what others will have is not known. */
  readonly bytes: number;
}

interface DeliveredFrame {
  readonly record: FrameRecord;
  readonly decision: FrameDecision;
}

const stemOf = (name: string): string => name.replace(/\.[^.]*$/, '');

const folderOf = ({ series, stem }: FrameRecord): string =>
  series ? safeName(`${stem} ${series.kind} of ${series.count}`) : '';

/**
 * Files of frames under the names they are delivered by: safe in any folder of any system, none
 * twice in a folder.
 *
 * @param rollNames of rolls by id
 */
export function planDelivery(
  frames: readonly DeliveredFrame[],
  rollNames: ReadonlyMap<string, string>,
  { what, sidecars, folders, place }: DeliveryChoices,
): DeliveryEntry[] {
  const taken = new Map<string, Set<string>>();
  const seriesFolders = new Map<string, string>();
  const named = (folder: string, name: string): string => {
    const names = taken.get(folder) ?? new Set<string>();
    taken.set(folder, names);
    return uniqueName(safeName(name), names);
  };
  return frames.flatMap(({ record, decision }) => {
    const { id, series, capturedAt: at } = record;
    // A series is called after its first frame.
    const own = series && folders ? (seriesFolders.get(series.id) ?? folderOf(record)) : '';
    if (series && own) seriesFolders.set(series.id, own);
    const entries: DeliveryEntry[] = [];
    const add = (name: string, source: DeliveryEntry['source'], bytes: number): void =>
      void entries.push({
        frame: id,
        folder: own,
        name: named(own, name),
        at,
        source,
        place,
        bytes,
      });
    const raw = record.files.find(isRaw);
    if (what === 'developed' && raw) {
      const order: DevelopOrder = {
        kind: 'jpeg',
        space: 'srgb',
        development: decision.development ?? AS_EXPOSED,
        reframe: decision.reframe ?? AS_TAKEN,
      };
      add(`${stemOf(raw.name)}.jpg`, { kind: 'developed', id, file: raw, order }, 0);
    } else
      for (const file of record.files) add(file.name, { kind: 'stored', id, file }, file.bytes);
    if (sidecars) {
      const { choice, reframe, development, roll } = decision;
      const named = rollNames.get(roll) ?? '';
      const text = sidecarXmp({ choice, series, roll: named, reframe, development });
      add(`${stemOf(entries[0].name)}.xmp`, { kind: 'text', text }, text.length);
    }
    return entries;
  });
}

/** Folder and name of an entry, with a slash between them. */
export const pathOf = ({ folder, name }: DeliveryEntry): string =>
  folder === '' ? name : `${folder}/${name}`;
