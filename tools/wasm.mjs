// Compiles every loop of core/assembly (AssemblyScript) and writes it as base64 beside its owner in core/src.
// `--check` writes nothing and fails where what is there is not what its source compiles to.
import { Buffer } from 'node:buffer';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import asc from 'assemblyscript/asc';

const core = fileURLToPath(new URL('../core/', import.meta.url));

/** Each module, and the room of the core that owns it. */
const MODULES = {
  blur: 'optics',
  shake: 'optics',
  expose: 'sensor',
  peak: 'monitor',
  monitor: 'monitor',
  develop: 'colour',
  tent: 'simulate',
  mosaic: 'sensor',
};

// Nothing is allocated, checked or thrown: pointers in, pointers out. The memory is the module's own, and all of it the caller's.
const OPTIONS = (
  '-O3 --runtime stub --noAssert --uncheckedBehavior always --enable simd --initialMemory 1 ' +
  '--use abort= --outFile out.wasm'
).split(' ');

/** A module's bytes. */
async function compiled(name) {
  let bytes = null;
  const { error, stderr } = await asc.main([`assembly/${name}.ts`, ...OPTIONS, '--baseDir', core], {
    writeFile: (_name, contents) => void (bytes = contents),
  });
  if (error) throw new Error(`${name}: ${error.message}\n${stderr.toString()}`);
  return bytes;
}

const sourceOf = (name, bytes) => {
  const lines = Buffer.from(bytes)
    .toString('base64')
    .match(/.{1,96}/g)
    .map((line) => `  '${line}'`);
  return (
    `/** core/assembly/${name}.ts compiled, as base64. Made by \`npm run wasm\`. */\n` +
    `export const ${name.toUpperCase()}_WASM =\n${lines.join(' +\n')};\n`
  );
};

let stale = 0;
for (const [name, room] of Object.entries(MODULES)) {
  const path = `${core}src/${room}/${name}Wasm.ts`;
  const source = sourceOf(name, await compiled(name));
  if (!process.argv.includes('--check')) writeFileSync(path, source);
  else if (!existsSync(path) || readFileSync(path, 'utf8') !== source) {
    console.error(`${path} is not what its source compiles to: npm run wasm`);
    stale++;
  }
}
process.exit(stale);
