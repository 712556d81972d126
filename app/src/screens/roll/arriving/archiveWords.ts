import type { OpeningArchive } from '../../../archive/openingArchive';
import { bytesWords } from '../../field/words/seriesWords';
import { framesWords } from '../rollWords';

const here = (n: number): string =>
  n === 0
    ? ''
    : ` ${n === 1 ? '1 is' : `${n} are`} here already, and stay${n === 1 ? 's' : ''} so.`;

const rollsWords = (n: number): string => (n === 1 ? '1 roll' : `${n} rolls`);

/** Damaged frames that are named. */
const NAMED = 5;

/** What an archive that is opened holds, or what became of it. */
export function archiveWords(opening: OpeningArchive): string {
  switch (opening.state) {
    case 'checking':
      return opening.count === 0
        ? `Checking ${opening.name} ...`
        : `Checking ${opening.name}: frame ${opening.done + 1} of ${opening.count} ...`;
    case 'checked': {
      const { whole, broken, unreadable, rolls } = opening.checked;
      const bytes = whole.reduce((sum, frame) => sum + frame.bytes, 0);
      const size = whole.length > 0 ? `, ${bytesWords(bytes)}` : '';
      const names = broken.slice(0, NAMED).join(', ') + (broken.length > NAMED ? ' ...' : '');
      const damaged = broken.length > 0 ? ` ${framesWords(broken.length)} damaged: ${names}.` : '';
      const unknown = unreadable > 0 ? ` ${framesWords(unreadable)} of another version.` : '';
      return (
        `${opening.name} holds ${framesWords(whole.length)}${size}, and ${rollsWords(rolls.length)}. ` +
        `Every byte was checked.${damaged}${unknown}${here(opening.here)}`
      );
    }
    case 'bringing':
      return `Bringing in frame ${opening.done + 1} of ${opening.count} ...`;
    case 'done':
      return `${framesWords(opening.frames)} brought in.${here(opening.here)}`;
    case 'failed':
      return opening.why;
  }
}
