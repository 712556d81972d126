// Expo's way of loading parts of the app late, but for one thing: in a cross-origin isolated page
// it starts workers from a blob that imports their script. Served with the page's own headers they
// need no such detour, and the page's policy forbids it (see docs/decisions/028).
const asyncRequire = require('expo/internal/async-require-module');

// Called with `new`: no arrow function.
asyncRequire.unstable_createWorker = function createWorker(url, options) {
  return new Worker(url, options);
};

module.exports = asyncRequire;
