import { plateOf } from './plates';
import { COLOUR_NAMES, variableOf } from './theme';

const VEIL = 'velmo-veil';
/** Where the plate is noted for the next start: kept values come too late for the first picture. */
const NOTED = 'velmo-plate';

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

/** Shows everything on a plate. */
export function applyPlate(id: string): void {
  const { colours, veil } = plateOf(id);
  const { style } = document.documentElement;
  for (const name of COLOUR_NAMES) {
    const colour = colours[name];
    if (colour) style.setProperty(variableOf(name), colour);
    else style.removeProperty(variableOf(name));
  }
  document.body.style.backgroundColor = colours.body ?? '';
  veiled(veil);
}

/** Shows everything on a plate, from the first picture on at the next start too. */
export function choosePlate(id: string): void {
  applyPlate(id);
  try {
    localStorage.setItem(NOTED, id);
  } catch {
    // Storage may be shut: then the plate comes a moment later.
  }
}

/** The plate of last time, before anything is drawn: a bright flash at night costs half an hour. */
export function applyNotedPlate(): void {
  try {
    const id = localStorage.getItem(NOTED);
    if (id) applyPlate(id);
  } catch {
    // As above.
  }
}
