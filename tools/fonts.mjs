// Makes the typeface's files small: the characters that Velmo writes, compressed. `node
// tools/fonts.mjs`
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import subsetFont from 'subset-font';

/** Weights of the one typeface, by the folder its package has them in. */
const WEIGHTS = { 400: '400Regular', 500: '500Medium', 600: '600SemiBold' };

/** Latin with its accents; punctuation, superscripts, arrows, mathematical signs. */
const RANGES = [
  [0x20, 0x17f],
  [0x2010, 0x22ff],
];

const folder = fileURLToPath(new URL('../app/public/fonts', import.meta.url));
const pack = dirname(
  createRequire(import.meta.url).resolve('@expo-google-fonts/barlow-semi-condensed/package.json'),
);
const codes = RANGES.flatMap(([from, to]) =>
  Array.from({ length: to - from + 1 }, (_, i) => from + i),
);
const characters = String.fromCodePoint(...codes);

mkdirSync(folder, { recursive: true });
for (const [weight, name] of Object.entries(WEIGHTS)) {
  const whole = readFileSync(join(pack, name, `BarlowSemiCondensed_${name}.ttf`));
  const small = await subsetFont(whole, characters, { targetFormat: 'woff2' });
  writeFileSync(join(folder, `barlow-semi-condensed-${weight}.woff2`), small);
}
