const { createHash } = require('node:crypto');
const fs = require('node:fs');
const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);

// The gesture package looks for these and does without; the router's optional drawer brings them along. Nothing here
// uses them, so they stay out of the bundle.
const UNUSED = new Set(['react-native-reanimated', 'react-native-worklets']);

// The gesture package's entry points must come from one build: mixed ones keep two registries of gestures.
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
  return (resolve ?? context.resolveRequest)(context, name, platform);
};

// Workers are started from their own address, as the page's policy has it, not from a blob.
config.transformer.asyncRequireModulePath = require.resolve('./asyncRequire.js');

// directImports reads the rooms' indices: what it made of a file holds only for the indices it
// has read.
const core = path.join(__dirname, '../core/src');
const indices = fs
  .readdirSync(core)
  .map((room) => path.join(core, room, 'index.ts'))
  .filter((index) => fs.existsSync(index));
const digest = createHash('sha256');
for (const index of indices) digest.update(fs.readFileSync(index));
config.cacheVersion = digest.digest('hex');

module.exports = config;
