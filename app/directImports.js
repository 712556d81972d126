const { readFileSync } = require('node:fs');
const { join } = require('node:path');

const CORE = join(__dirname, '../core/src');

/** Of each room of the core: the file that each of its names comes from. */
const rooms = new Map();

function namesOf(room) {
  if (rooms.has(room)) return rooms.get(room);
  const names = new Map();
  const text = readFileSync(join(CORE, room, 'index.ts'), 'utf8');
  for (const [, list, file] of text.matchAll(/export (?:type )?\{([^}]*)\} from '\.\/([^']+)';/g))
    for (const item of list.split(',')) {
      const name = item.trim().replace(/^type /, '');
      if (name) names.set(name, file);
    }
  rooms.set(room, names);
  return names;
}

/** Of the router: the file that each name used here comes from. */
const ROUTER = {
  Stack: 'layouts/Stack',
  useFocusEffect: 'useFocusEffect',
  useLocalSearchParams: 'hooks/useLocalSearchParams',
  useRouter: 'hooks/useRouter',
};

/** The file behind a name of a package's or a room's index; null where it is imported as it is. */
function behind(source) {
  if (source === 'expo-router')
    return (name) => {
      if (!ROUTER[name]) throw new Error(`List where ${name} of the router comes from.`);
      return `expo-router/build/${ROUTER[name]}`;
    };
  const [, room] = /^@velmo\/core\/(\w+)$/.exec(source) ?? [];
  if (!room) return null;
  const names = namesOf(room);
  return (name) => names.get(name) && `@velmo/core/file/${room}/${names.get(name)}`;
}

/**
 * Imports from a room of the core, and from the router, are made imports from their files: the
 * bundler takes whole modules, and an index would bring all of it along.
 */
module.exports = function directImports({ types: t }) {
  return {
    name: 'direct-imports',
    visitor: {
      ImportDeclaration(path) {
        const fileOf = path.node.importKind === 'type' ? null : behind(path.node.source.value);
        if (!fileOf) return;
        const files = new Map();
        for (const specifier of path.node.specifiers) {
          if (specifier.importKind === 'type') continue;
          const file = specifier.imported && fileOf(specifier.imported.name);
          if (!file) return;
          files.set(file, [...(files.get(file) ?? []), specifier]);
        }
        path.replaceWithMultiple(
          [...files].map(([file, specifiers]) =>
            t.importDeclaration(specifiers, t.stringLiteral(file)),
          ),
        );
      },
    },
  };
};
