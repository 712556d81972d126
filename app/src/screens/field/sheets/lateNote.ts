import { late } from '../../late';
import { closeSheet } from '../session/fieldState';

/** The sheet of a note, loaded with all notes. */
export const NoteSheet = late(() => import('../../learn').then((m) => m.NoteSheet), closeSheet);
