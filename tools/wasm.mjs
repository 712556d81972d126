// Compiles every loop of core/assembly (AssemblyScript) and writes it as base64 beside its owner in
// core/src. `--check` writes nothing and fails where what is there is not what its source compiles
// to.
import { Buffer } from 'node:buffer';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import asc from 'assemblyscript/asc';

const core = fileURLToPath(new URL('../core/', import.meta.url));

/** Each module, and the room of the core that owns it. */
const MODULES = {
  blur: 'optics/blur',
  shake: 'optics/shake',
  expose: 'sensor',
  peak: 'monitor/peaking',
  monitor: 'monitor',
  develop: 'colour/develop',
  tent: 'simulate',
  mosaic: 'sensor',
  bin: 'sensor',
  enlarge: 'sensor',
  merge: 'combine/merge',
  recipe: 'recipe/develop',
  average: 'combine/average',
  ljpeg: 'files/dng/ljpeg',
};

/**
 * Each place of the salt works: the file of src/scene that says what is seen along a ray, and the
 * loop of assembly that it is compiled with. The vectors of assembly/four.ts stand in for
 * src/scene/rays/four.ts.
 */
const PLACES = {
  pans: ['pans/pansLook', 'light'],
  shed: ['shed/shedLook', 'light'],
  packing: ['packing/packingLook', 'light'],
  sluice: ['sluice/sluiceLook', 'light'],
  water: ['sluice/waterLook', 'moving'],
  harbour: ['harbour/harbourLook', 'light'],
  stars: ['stars/starsLook', 'light'],
  wall: ['wall/wallLook', 'light'],
};

// Nothing is allocated, checked or thrown: pointers in, pointers out. The memory is the module's
// own, and all of it the caller's.
const OPTIONS = (
  '-O3 --runtime stub --noAssert --uncheckedBehavior always --enable simd --initialMemory 1 ' +
  '--use abort= --outFile out.wasm'
).split(' ');

/**
 * A module's bytes.
 *
 * @param instead sources that stand in for those of other names
 * @param more options
 */
async function compiled(name, instead = {}, more = []) {
  let bytes = null;
  const args = [`assembly/${name}.ts`, ...OPTIONS, ...more, '--baseDir', core];
  const { error, stderr } = await asc.main(args, {
    writeFile: (_name, contents) => void (bytes = contents),
    readFile: (file, base) => {
      if (file in instead) return instead[file];
      const path = resolve(base, file);
      if (!existsSync(path)) return null;
      // AssemblyScript imports types as it imports values.
      return readFileSync(path, 'utf8').replace(/(?<=[{,]\s*)type (?=\w+[ ,])/g, '');
    },
  });
  if (error) throw new Error(`${name}: ${error.message}\n${stderr.toString()}`);
  return bytes;
}

const compiledPlace = (place, kind) =>
  compiled(
    kind,
    {
      'src/scene/rays/four.ts': readFileSync(`${core}assembly/four.ts`, 'utf8'),
      'assembly/place.ts': `export * from '../src/scene/${place}';`,
    },
    // Below it are the registers: assembly/four.ts.
    ['--memoryBase', '768'],
  );

const sourceOf = (name, from, bytes) => {
  const lines = Buffer.from(bytes)
    .toString('base64')
    .match(/.{1,96}/g)
    .map((line) => `  '${line}'`);
  return (
    `/** core/${from}.ts compiled, as base64. Made by \`npm run wasm\`. */\n` +
    `export const ${name} =\n${lines.join(' +\n')};\n`
  );
};

let stale = 0;
function settle(path, source) {
  if (!process.argv.includes('--check')) writeFileSync(path, source);
  else if (!existsSync(path) || readFileSync(path, 'utf8') !== source) {
    console.error(`${path} is not what its source compiles to: npm run wasm`);
    stale++;
  }
}

for (const [name, room] of Object.entries(MODULES)) {
  const source = sourceOf(`${name.toUpperCase()}_WASM`, `assembly/${name}`, await compiled(name));
  settle(`${core}src/${room}/${name}Wasm.ts`, source);
}
for (const [name, [place, kind]] of Object.entries(PLACES)) {
  const from = `src/scene/${place}`;
  const source = sourceOf(`${name.toUpperCase()}_LIGHT`, from, await compiledPlace(place, kind));
  settle(`${core}src/scene/compiled/${name}Wasm.ts`, source);
}
process.exit(stale);
