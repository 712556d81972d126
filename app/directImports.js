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

/**
 * Imports from a room of the core are made imports from its files: the bundler takes whole modules, and a room's index
 * would bring all of the room along.
 */
module.exports = function directImports({ types: t }) {
  return {
    name: 'direct-imports',
    visitor: {
      ImportDeclaration(path) {
        const [, room] = /^@velmo\/core\/(\w+)$/.exec(path.node.source.value) ?? [];
        if (!room || path.node.importKind === 'type') return;
        const names = namesOf(room);
        const files = new Map();
        for (const specifier of path.node.specifiers) {
          if (specifier.importKind === 'type') continue;
          const file = specifier.imported && names.get(specifier.imported.name);
          if (!file) return;
          files.set(file, [...(files.get(file) ?? []), specifier]);
        }
        path.replaceWithMultiple(
          [...files].map(([file, specifiers]) =>
            t.importDeclaration(specifiers, t.stringLiteral(`@velmo/core/file/${room}/${file}`)),
          ),
        );
      },
    },
  };
};
