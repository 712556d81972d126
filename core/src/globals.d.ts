/** The WHATWG Encoding standard's classes: in every browser, worker and Node, though not in the ES library. */
declare class TextEncoder {
  encode(text: string): Uint8Array;
}
declare class TextDecoder {
  decode(bytes: Uint8Array): string;
}
