// What every browser has and Jest's imitation of one lacks.
const { TextEncoder, TextDecoder } = require('node:util');

Object.assign(globalThis, { TextEncoder, TextDecoder });
if (typeof HTMLCanvasElement === 'function') {
  globalThis.OffscreenCanvas ??= class OffscreenCanvas {};
  globalThis.Worker ??= class Worker {};
  HTMLCanvasElement.prototype.transferControlToOffscreen ??= () => new globalThis.OffscreenCanvas();
}
