import { plateOf } from './plates';
import { COLOUR_NAMES, LARGE_TYPE, TYPE_VARIABLE, variableOf } from './theme';

const VEIL = 'velmo-veil';
/** Where the look is noted for the next start: kept values come too late for the first picture. */
const NOTED = 'velmo-look';

/** How everything looks, by choice. */
export interface Look {
  /** Id of a plate. */
  readonly plate: string;
  readonly type: 'usual' | 'large';
}

/** Lies over everything: what is grey under it becomes a shade of its colour. */
function veiled(colour: string | null): void {
  document.getElementById(VEIL)?.remove();
  const root = document.getElementById('root');
  if (root) root.style.filter = colour ? 'grayscale(1)' : '';
  if (!colour) return;
  const veil = document.createElement('div');
  veil.id = VEIL;
  Object.assign(veil.style, {
    position: 'fixed',
    inset: '0',
    zIndex: '2147483647',
    pointerEvents: 'none',
    mixBlendMode: 'multiply',
    backgroundColor: colour,
  });
  document.body.append(veil);
}

function applyLook({ plate, type }: Look): void {
  const { colours, veil } = plateOf(plate);
  const { style } = document.documentElement;
  for (const name of COLOUR_NAMES) {
    const colour = colours[name];
    if (colour) style.setProperty(variableOf(name), colour);
    else style.removeProperty(variableOf(name));
  }
  if (type === 'large') style.setProperty(TYPE_VARIABLE, String(LARGE_TYPE));
  else style.removeProperty(TYPE_VARIABLE);
  document.body.style.backgroundColor = colours.body ?? '';
  veiled(veil);
}

/** Shows everything so, from the first picture on at the next start too. */
export function chooseLook({ plate, type }: Look): void {
  applyLook({ plate, type });
  try {
    localStorage.setItem(NOTED, JSON.stringify({ plate, type }));
  } catch {
    // Storage may be shut: then the look comes a moment later.
  }
}

/** The look of last time, before anything is drawn: a bright flash at night costs half an hour. */
export function applyNotedLook(): void {
  try {
    const noted = localStorage.getItem(NOTED);
    if (noted) applyLook(JSON.parse(noted) as Look);
  } catch {
    // Nothing noted that could be read: the look comes a moment later.
  }
}
