// Cuts the signs that the two faces of the sheet lack (µ, Greek, arrows, ≈) out of a free face that has them.
// Usage: npm run signs; what it writes is kept with the code.
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import subsetFont from 'subset-font';
import { root } from './lib/root.mjs';

/** From, to: µ; Greek; primes; raised and lowered figures; fractions; arrows; mathematics; shapes. */
const RANGES = [
  [0xb5, 0xb5],
  [0x391, 0x3c9],
  [0x2032, 0x2033],
  [0x2070, 0x208e],
  [0x2150, 0x215e],
  [0x2190, 0x21b5],
  [0x2200, 0x2265],
  [0x22c5, 0x22c5],
  [0x2300, 0x2300],
  [0x232b, 0x232b],
  [0x25a0, 0x25cf],
  [0x2605, 0x2606],
  [0x2610, 0x2611],
  [0x2713, 0x271a],
  [0x1d40, 0x1d40],
];
const signs = RANGES.flatMap(([from, to]) =>
  Array.from({ length: to - from + 1 }, (_, i) => String.fromCodePoint(from + i)),
).join('');

for (const [face, name] of [
  ['DejaVuSans', 'signs'],
  ['DejaVuSans-Bold', 'signs-bold'],
]) {
  const whole = readFileSync(join(root, `node_modules/dejavu-fonts-ttf/ttf/${face}.ttf`));
  const cut = await subsetFont(whole, signs, { targetFormat: 'woff2' });
  writeFileSync(join(root, `src/ui/signs/${name}.woff2`), cut);
}
