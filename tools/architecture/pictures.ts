import { join } from 'node:path';
import type { ImportGraph } from './imports';
import { drawRooms } from './rooms';
import { drawWay } from './way';

/** Where the pictures are. */
export const PICTURES = join(__dirname, '../../docs/architecture');

/** The pictures of docs/architecture.md, by file name. */
export const pictures = (graph: ImportGraph): Map<string, string> =>
  new Map([
    ['rooms.svg', drawRooms(graph)],
    ['frame.svg', drawWay(graph)],
  ]);
