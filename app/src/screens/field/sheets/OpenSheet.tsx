import type { ComponentType } from 'react';
import { KitsSheet } from '../kits/KitsSheet';
import { CameraSheet } from './CameraSheet';
import { DepthSheet } from './DepthSheet';
import { FilesSheet } from './FilesSheet';
import { FocusSheet } from './FocusSheet';
import { LightSheet } from './LightSheet';
import { MarksSheet } from './MarksSheet';
import { MeterSheet } from './MeterSheet';
import { NoteSheet } from './lateNote';
import { RigSheet } from './RigSheet';
import { SeriesSheet } from './SeriesSheet';
import { WhiteSheet } from './WhiteSheet';
import type { Sheet } from '../session/fieldState';

const SHEETS: Readonly<Record<Exclude<Sheet, 'verdict'>, ComponentType>> = {
  camera: CameraSheet,
  meter: MeterSheet,
  rig: RigSheet,
  focus: FocusSheet,
  depth: DepthSheet,
  white: WhiteSheet,
  marks: MarksSheet,
  files: FilesSheet,
  light: LightSheet,
  series: SeriesSheet,
  kits: KitsSheet,
  note: NoteSheet,
};

/** The sheet that is open. The verdict's is with Field from the beginning. */
export function OpenSheet({ sheet }: { readonly sheet: keyof typeof SHEETS }) {
  const Open = SHEETS[sheet];
  return <Open />;
}
