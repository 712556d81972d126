/**
 * Compiled modules by their text; null where there is no WebAssembly, or none with 128-bit vectors.
 */
const compiled = new Map<string, WebAssembly.Module | null>();

function moduleOf(base64: string): WebAssembly.Module | null {
  const known = compiled.get(base64);
  if (known !== undefined) return known;
  let module: WebAssembly.Module | null = null;
  try {
    module = new WebAssembly.Module(bytesOf(base64));
  } catch {
    // Old browsers have no vectors: the same loops in TypeScript do.
  }
  compiled.set(base64, module);
  return module;
}

const PAGE = 65536;

/** What a module may ask of its surroundings: functions that must round as JavaScript's do. */
const IMPORTS = { env: { exp: Math.exp } };

/** Memory, and the routines that work on it; all their addresses are in bytes. */
export interface Routines<T> {
  readonly buffer: ArrayBuffer;
  readonly routines: T;
}

/**
 * Routines over a memory of at least this many bytes: compiled where that is possible, else those
 * given in TypeScript.
 *
 * @param base64 a module that exports its memory as "memory"
 * @param plain the same routines in TypeScript over a buffer
 */
export function createRoutines<T>(
  base64: string,
  bytes: number,
  plain: (buffer: ArrayBuffer) => T,
  preferPlain = false,
): Routines<T> {
  const module = preferPlain ? null : moduleOf(base64);
  if (!module) {
    const buffer = new ArrayBuffer(Math.ceil(bytes / 16) * 16);
    return { buffer, routines: plain(buffer) };
  }
  const { exports } = new WebAssembly.Instance(module, IMPORTS);
  const memory = exports.memory as WebAssembly.Memory;
  memory.grow(Math.max(0, Math.ceil(bytes / PAGE) - 1));
  return { buffer: memory.buffer, routines: exports as unknown as T };
}

/** Bytes of base64 text. */
const bytesOf = (base64: string): Uint8Array<ArrayBuffer> =>
  Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0));
