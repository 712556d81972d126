/**
 * The WHATWG Encoding standard's classes: in every browser, worker and Node, though not in the ES
 * library.
 */
declare class TextEncoder {
  encode(text: string): Uint8Array;
}
declare class TextDecoder {
  decode(bytes: Uint8Array): string;
}

/** The part of WebAssembly that core uses: in every browser, worker and Node. */
declare namespace WebAssembly {
  function validate(bytes: Uint8Array<ArrayBuffer>): boolean;
  class Module {
    constructor(bytes: Uint8Array<ArrayBuffer>);
  }
  class Memory {
    readonly buffer: ArrayBuffer;
    grow(pages: number): number;
  }
  class Instance {
    readonly exports: Record<string, unknown>;
    constructor(module: Module, imports?: Record<string, Record<string, (x: number) => number>>);
  }
}

/** Base64 text to a text of bytes (WHATWG HTML): in every browser, worker and Node. */
declare function atob(base64: string): string;
