const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);

// The gesture package looks for these and does without; the router's optional drawer brings them along. Nothing here
// uses them, so they stay out of the bundle.
const UNUSED = new Set(['react-native-reanimated', 'react-native-worklets']);

// The gesture package's entry points must come from one build: mixed ones keep two registries of gestures.
const path = require('node:path');
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

module.exports = config;
