/**
 * All that notes and drills need, as one part that is loaded late: what several such parts share
 * would be loaded with the first picture.
 */
export { DrillsScreen } from './drills/DrillsScreen';
export { beginDrill, endDrill, exposeBest, judgePick } from './field/drill/drillSession';
export { NoteSheet } from './field/sheets/NoteSheet';
export { NotesScreen } from './notes/NotesScreen';
