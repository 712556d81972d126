// Makes the compiled form of every .wat in core; a test checks that each is what its source compiles to.
import { Buffer } from 'node:buffer';
import { readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import wabt from 'wabt';

const core = fileURLToPath(new URL('../core/src/', import.meta.url));
const MODULES = [
  'optics/blur',
  'optics/shake',
  'sensor/expose',
  'monitor/peak',
  'monitor/monitor',
  'colour/develop',
];

const { parseWat } = await wabt();
for (const module of MODULES) {
  const name = module.split('/')[1];
  const source = readFileSync(`${core}${module}Routines.wat`, 'utf8');
  const { buffer } = parseWat(module, source, { simd: true }).toBinary({});
  const lines = Buffer.from(buffer)
    .toString('base64')
    .match(/.{1,96}/g)
    .map((line) => `  '${line}'`);
  writeFileSync(
    `${core}${module}Wasm.ts`,
    `/** ${name}Routines.wat compiled, as base64. Made by \`node tools/wat.mjs\`. */\n` +
      `export const ${name.toUpperCase()}_WASM =\n${lines.join(' +\n')};\n`,
  );
}
