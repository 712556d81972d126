import type { ImportGraph } from './imports';
import { arrow, box, drawing, text } from './svg';

const WIDTH = 1080;
const MARGIN = 24;
const BOX = { width: 138, height: 46 };
const ROW = 84;

/** `core/optics`, `app/camera`, `server`; null for the few files that lie in no room. */
export function roomOf(file: string): string | null {
  const [part, , room, inside] = file.split('/');
  if (part === 'server') return 'server';
  return inside ? `${part}/${room}` : null;
}

/** By room: the rooms whose code runs with its own, types aside. */
export function roomsKnown(graph: ImportGraph): Map<string, Set<string>> {
  const known = new Map<string, Set<string>>();
  for (const [file, imports] of graph) {
    const room = roomOf(file);
    if (!room) continue;
    const rooms = known.get(room) ?? new Set();
    known.set(room, rooms);
    for (const { file: other, typeOnly } of imports) {
      const to = roomOf(other);
      if (to && to !== room && !typeOnly) rooms.add(to);
    }
  }
  return known;
}

/** Rooms in rows, each above all that it knows. Throws, naming them, where rooms go in a circle. */
export function roomRows(rooms: ReadonlyMap<string, ReadonlySet<string>>): string[][] {
  const depth = new Map<string, number>();
  const depthOf = (room: string, above: readonly string[]): number => {
    if (above.includes(room)) throw new Error(`In a circle: ${[...above, room].join(' > ')}`);
    const found = depth.get(room);
    if (found !== undefined) return found;
    const below = [...(rooms.get(room) ?? [])].map((r) => depthOf(r, [...above, room]) + 1);
    const own = Math.max(0, ...below);
    depth.set(room, own);
    return own;
  };
  const rows: string[][] = [];
  for (const room of [...rooms.keys()].sort()) (rows[depthOf(room, [])] ??= []).push(room);
  return rows.reverse();
}

/** The rooms that one knows and that none of those knows in turn: the arrows that must be drawn. */
function nextRooms(rooms: ReadonlyMap<string, ReadonlySet<string>>, room: string): string[] {
  const reached = (from: string): Set<string> => {
    const all = new Set<string>(rooms.get(from));
    for (const r of all) for (const next of rooms.get(r) ?? []) all.add(next);
    return all;
  };
  const own = [...(rooms.get(room) ?? [])];
  return own.filter((r) => !own.some((other) => other !== r && reached(other).has(r)));
}

/** Rooms of a part alone, without what they know elsewhere. */
function partOf(known: ReadonlyMap<string, ReadonlySet<string>>, part: string) {
  const rooms = [...known].filter(([room]) => room.startsWith(part));
  return new Map(
    rooms.map(([room, all]) => [room, new Set([...all].filter((r) => r.startsWith(part)))]),
  );
}

/** A place in a row: a room, or a gap that an arrow on its way to a lower row goes through. */
interface Place {
  readonly name: string;
  readonly isRoom: boolean;
  x: number;
}

/** A stretch of an arrow, from a place to one in the row below it. */
type Stretch = readonly [from: string, to: string];

/** Rows of rooms, and gaps for arrows that reach further than the next row. */
function placed(rows: readonly string[][], next: ReadonlyMap<string, string[]>) {
  const places = rows.map((row) => row.map((name): Place => ({ name, isRoom: true, x: 0 })));
  const rowOf = new Map(rows.flatMap((row, r) => row.map((room) => [room, r] as const)));
  const stretches: Stretch[] = [];
  for (const [room, all] of next)
    for (const to of all) {
      let from = room;
      for (let r = rowOf.get(room)! + 1; r < rowOf.get(to)!; r++) {
        const gap = `${room}>${to}@${r}`;
        places[r]!.push({ name: gap, isRoom: false, x: 0 });
        stretches.push([from, gap]);
        from = gap;
      }
      stretches.push([from, to]);
    }
  return { places, stretches };
}

const slot = ({ isRoom }: Place): number => (isRoom ? BOX.width + 24 : 28);

/** Spreads a row over the width, in its order. */
function spread(row: readonly Place[]): void {
  const taken = row.reduce((sum, place) => sum + slot(place), 0);
  const spare = (WIDTH - 2 * MARGIN - taken) / row.length;
  let x = MARGIN;
  for (const place of row) {
    place.x = Math.round(x + (slot(place) + spare) / 2);
    x += slot(place) + spare;
  }
}

/**
 * Orders rows by the middle of what each place is joined with, down and up again: fewer crossings.
 */
function order(places: Place[][], stretches: readonly Stretch[]): void {
  const at = new Map(places.flat().map((place) => [place.name, place]));
  const sort = (row: Place[], joined: (name: string) => string[]): void => {
    const wish = new Map(
      row.map(({ name, x }) => {
        const ends = joined(name).map((n) => at.get(n)!.x);
        return [name, ends.length === 0 ? x : ends.reduce((a, b) => a + b) / ends.length] as const;
      }),
    );
    row.sort((a, b) => wish.get(a.name)! - wish.get(b.name)! || (a.name < b.name ? -1 : 1));
    spread(row);
  };
  const above = (name: string): string[] => stretches.flatMap(([a, b]) => (b === name ? [a] : []));
  const below = (name: string): string[] => stretches.flatMap(([a, b]) => (a === name ? [b] : []));
  places.forEach(spread);
  for (let sweep = 0; sweep < 4; sweep++) {
    for (const row of places) sort(row, above);
    for (const row of [...places].reverse()) sort(row, below);
  }
}

/**
 * The rooms of one part in rows, with an arrow to each that is known and not by way of another.
 *
 * @param note a second line in the box of a room
 */
function drawPart(
  rooms: ReadonlyMap<string, ReadonlySet<string>>,
  top: number,
  note: ((room: string) => string) | null,
): { parts: string[]; bottom: number } {
  const next = new Map([...rooms.keys()].map((room) => [room, nextRooms(rooms, room)]));
  const { places, stretches } = placed(roomRows(rooms), next);
  order(places, stretches);
  const at = new Map(
    places.flatMap((row, r) => row.map((p) => [p.name, { ...p, y: top + r * ROW }] as const)),
  );
  const lines = stretches.map(([from, to]) => {
    const [a, b] = [at.get(from)!, at.get(to)!];
    return arrow(a.x, a.y + BOX.height, b.x, b.y, b.isRoom ? 'head' : BOX.height);
  });
  const boxes = [...at.values()]
    .filter(({ isRoom }) => isRoom)
    .flatMap(({ name, x, y }) => [
      box(x - BOX.width / 2, y, BOX.width, BOX.height),
      text(x, y + (note ? 19 : 28), name.split('/').at(-1)!, { bold: true, middle: true }),
      ...(note ? [text(x, y + 36, note(name), { size: 10, faint: true, middle: true })] : []),
    ]);
  return { parts: [...lines, ...boxes], bottom: top + places.length * ROW };
}

/** The rooms of app and core, as SVG. */
export function drawRooms(graph: ImportGraph): string {
  const known = roomsKnown(graph);
  const ofCore = (room: string): string => {
    const count = [...known.get(room)!].filter((r) => r.startsWith('core/')).length;
    return count === 0 ? 'nothing of core' : `${count} of core’s rooms`;
  };
  const heading = (y: number, name: string, words: string): string[] => [
    text(MARGIN, y, name, { size: 16, bold: true }),
    text(MARGIN + 60, y, words, { faint: true }),
  ];
  const app = drawPart(partOf(known, 'app/'), 56, ofCore);
  const core = drawPart(partOf(known, 'core/'), app.bottom + 48, null);
  const server = [...known.get('server')!].map((room) => room.split('/').at(-1)).join(' and ');
  return drawing(WIDTH, core.bottom, [
    ...heading(
      32,
      'app/',
      'An arrow: uses, and not only by way of another room. None points upwards.',
    ),
    ...app.parts,
    ...heading(
      app.bottom + 24,
      'core/',
      `No interface, no browser, no clock. The server uses ${server} of it.`,
    ),
    ...core.parts,
  ]);
}
