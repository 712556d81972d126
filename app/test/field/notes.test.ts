import { NOTES } from '@velmo/core/notes';
import { foundNotes } from '../../src/screens/notes/foundNotes';
import { notesPage } from '../../src/screens/notes/printNotes';
import { noteOfFinding, noteOfPart, noteOfSheet } from '../../src/screens/field/words/noteTopics';

const ids = (wanted: string): string[] => foundNotes(wanted).map(({ id }) => id);

test('notes are found by all of their words, those that have them in the title first', () => {
  expect(ids('')).toEqual(NOTES.map(({ id }) => id));
  expect(ids('  HYPERFOCAL distance ')[0]).toBe('depth');
  expect(ids('stars')[0]).toBe('stars');
  expect(ids('quarter to nine')).toEqual([]);
});

test('every part that leads to a note leads to one there is', () => {
  const known = new Set(NOTES.map(({ id }) => id));
  const sheets = ['camera', 'meter', 'rig', 'verdict', 'focus', 'depth', 'white'] as const;
  const more = ['marks', 'files', 'light', 'series', 'kits'] as const;
  const parts = ['time', 'iso', 'comp', 'focus', 'white', 'place', 'meter'] as const;
  const others = ['rig', 'files', 'ladder', 'verdict', 'expose'] as const;
  const findings = ['clipping', 'shake', 'smear', 'trails', 'lamps', 'noise', 'unheard-of'];
  for (const id of [
    ...[...sheets, ...more].map(noteOfSheet),
    ...[...parts, ...others].map(noteOfPart),
    ...findings.map(noteOfFinding),
  ])
    expect(known).toContain(id);
});

test('on paper a note is its words, its source, and what its figure says', () => {
  const [stops] = foundNotes('stops and thirds');
  const page = notesPage([{ ...stops, title: 'Stops <b>& thirds' }]);
  expect(page).toContain('Stops &#60;b&#62;&#38; thirds');
  expect(page).toContain(stops.source);
  expect(page).toContain('1 stop less.');
});
