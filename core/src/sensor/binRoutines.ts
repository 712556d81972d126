import { KeptRoutines } from '../wasm';
import { BIN_WASM } from './binWasm';

/** Inner loops over a mosaic; addresses in bytes. See core/assembly/bin.ts. */
interface BinRoutines {
  binRow(raw: number, apart: number, blocks: number, factor: number, out: number): void;
  countRow(raw: number, n: number, level: number): number;
}

/** One set for both loops; null where they cannot be had. */
export const binRoutines = new KeptRoutines<BinRoutines | null>(BIN_WASM, () => null);
