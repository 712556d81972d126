const { createHash } = require('node:crypto');
const fs = require('node:fs');
const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');
const { slimModule } = require('./slimModules');

const config = getDefaultConfig(__dirname);

// The gesture package looks for these and does without; the router's optional drawer brings them
// along. Nothing here uses them, so they stay out of the bundle.
const UNUSED = new Set(['react-native-reanimated', 'react-native-worklets']);

// The gesture package's entry points must come from one build: mixed ones keep two registries of
// gestures.
const gestureFolder = (name) => path.dirname(require.resolve(`${name}/package.json`));
const gestureModule = (name) => {
  const [, pack, part] = /^@use-gesture\/(react|core)(?:\/(\w+))?$/.exec(name) ?? [];
  if (!pack) return null;
  const folder = gestureFolder(`@use-gesture/${pack}`);
  return part
    ? path.join(folder, part, 'dist', `use-gesture-${pack}-${part}.esm.js`)
    : path.join(folder, 'dist', `use-gesture-${pack}.esm.js`);
};

const resolve = config.resolver.resolveRequest;
config.resolver.resolveRequest = (context, name, platform) => {
  if (UNUSED.has(name)) return { type: 'empty' };
  const gesture = gestureModule(name);
  if (gesture) return { type: 'sourceFile', filePath: gesture };
  const found = (resolve ?? context.resolveRequest)(context, name, platform);
  // While it is worked on, the page has more to show: what went wrong, above all.
  if (context.dev || platform !== 'web' || found.type !== 'sourceFile') return found;
  const filePath = slimModule(context.originModulePath, name, found.filePath);
  return filePath ? { type: 'sourceFile', filePath } : found;
};

// Workers are started from their own address, as the page's policy has it, not from a blob.
config.transformer.asyncRequireModulePath = require.resolve('./asyncRequire.js');

// What directImports made of a file holds only for itself, and for the rooms' indices that it has
// read.
const core = path.join(__dirname, '../core/src');
const indices = fs
  .readdirSync(core)
  .map((room) => path.join(core, room, 'index.ts'))
  .filter((index) => fs.existsSync(index));
const digest = createHash('sha256');
for (const file of [require.resolve('./directImports'), ...indices])
  digest.update(fs.readFileSync(file));
config.cacheVersion = digest.digest('hex');

// Modules of the interface are run when they are first used, not all before the first picture. In
// inner loops every use of an imported function would look it up anew: not where pixels are gone
// through. Nor in Expo's own: it takes note of its script's address, which workers are started by,
// as it is run first.
function* filesUnder(folder) {
  for (const entry of fs.readdirSync(folder, { withFileTypes: true })) {
    const at = path.join(folder, entry.name);
    if (entry.isDirectory()) yield* filesUnder(at);
    else yield at;
  }
}
const rooms = ['camera', 'combine', 'deliver', 'drill', 'frame'];
const sourcesOf = (name) => path.join(path.dirname(require.resolve(`${name}/package.json`)), 'src');
const atOnce = [
  core,
  ...['expo', '@expo/metro-runtime'].map(sourcesOf),
  ...rooms.map((room) => path.join(__dirname, 'src', room)),
];
const blockList = Object.fromEntries(
  atOnce.flatMap((folder) => [...filesUnder(folder)].map((file) => [file, true])),
);
const transformOptions = config.transformer.getTransformOptions;
config.transformer.getTransformOptions = async (...asked) => {
  const options = await transformOptions(...asked);
  return { ...options, transform: { ...options.transform, inlineRequires: { blockList } } };
};

module.exports = config;
