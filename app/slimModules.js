const fs = require('node:fs');
const path = require('node:path');

const NOTHING = 'nothing.js';

/**
 * Modules of packages that the page would load first and no screen here needs, and what stands in
 * their place: inside of packages, whose versions are therefore exact in package.json. See
 * docs/decisions/051.
 */
const REPLACED = {
  'expo-router': {
    'build/react-navigation/native-stack/views/NativeStackView.js': 'stackView.js',
    'build/layouts/stack-utils/index.js': 'stackUtils.js',
    'build/head/index.js': 'head.js',
    'build/react-navigation/bottom-tabs/index.js': NOTHING,
    'build/react-navigation/core/StaticNavigation.js': NOTHING,
    'build/native-tabs/NativeTabTrigger.js': NOTHING,
    'build/views/Sitemap.js': NOTHING,
    'build/views/Toast.js': NOTHING,
    'build/views/Unmatched.js': NOTHING,
    'build/onboard/Tutorial.js': NOTHING,
    'build/link/Link.js': NOTHING,
    'build/screensFeatureFlags.js': 'nativeFlags.js',
  },
};

const slim = (name) => path.join(__dirname, 'slim', name);
const folderOf = (name) => path.dirname(require.resolve(`${name}/package.json`));

/** By path: what stands in the place of a module. Throws where a package has changed inside. */
function replacements() {
  const all = new Map();
  for (const [pack, files] of Object.entries(REPLACED))
    for (const [file, by] of Object.entries(files)) {
      const full = path.join(folderOf(pack), file);
      if (!fs.existsSync(full))
        throw new Error(`${pack} has no ${file} any more: see app/slimModules.js.`);
      all.set(full, slim(by));
    }
  return all;
}

const replaced = replacements();
const parts = new Set(
  [...fs.readFileSync(slim('reactNative.js'), 'utf8').matchAll(/as (\w+)/g)].map(([, n]) => n),
);

const webExports = new Set(fs.readdirSync(path.join(folderOf('react-native-web'), 'dist/exports')));

/** Throws where a package uses something of React Native's for the web that is not listed here. */
function checkParts(file) {
  const text = fs.readFileSync(file, 'utf8');
  if (/import \* as \w+ from ['"]react-native['"]/.test(text))
    throw new Error(`${file} takes all of react-native: see app/slimModules.js.`);
  for (const [, name] of text.matchAll(/react_native_\d+\.(\w+)/g))
    if (webExports.has(name) && !parts.has(name))
      throw new Error(`${file} uses ${name} of react-native: list it in app/slim/reactNative.js.`);
}

/** As packages say it, and as Babel's preset for the web makes of it. */
const ALL_OF_REACT_NATIVE = /^react-native(-web(\/dist\/index)?)?$/;

/**
 * What a module is resolved to instead, or null.
 *
 * @param from the file that asks
 * @param name what it asks for
 * @param to the file it would get
 */
exports.slimModule = function slimModule(from, name, to) {
  const by = replaced.get(to);
  if (by) return by;
  if (!ALL_OF_REACT_NATIVE.test(name) || !/[\\/]node_modules[\\/]/.test(from)) return null;
  checkParts(from);
  return slim('reactNative.js');
};
