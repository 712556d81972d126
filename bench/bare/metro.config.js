const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');

// It is no workspace of its own: what it needs lies in the repository's root.
const root = path.join(__dirname, '../..');
const config = getDefaultConfig(__dirname);
config.watchFolders = [root];
config.resolver.nodeModulesPaths = [path.join(root, 'node_modules')];

module.exports = config;
