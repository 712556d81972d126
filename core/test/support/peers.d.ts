declare module 'jpeg-lossless-decoder-js' {
  export class Decoder {
    decode(buffer: ArrayBuffer, offset: number, length: number, numBytes?: number): Uint16Array;
  }
}

declare module 'opencv-wasm' {
  // OpenCV's own API, as far as the checks use it.
  export const cv: any;
}
