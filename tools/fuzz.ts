import { mkdirSync, writeFileSync } from 'node:fs';
import { fuzz } from '@/testing/fuzz';

const [count = '3000', seed = '1', only] = process.argv.slice(2);
/** What broke a rule is put here, to be looked at. */
const OUT = 'test-results/fuzz';

// readers say what of a hostile file they pass over
console.warn = () => {};
console.error = () => {};
const { counts, findings } = await fuzz(Number(count), Number(seed), only);
for (const [reader, { taken, refused, slowestMs }] of Object.entries(counts))
  console.log(`${reader}: ${taken} taken, ${refused} refused, slowest ${slowestMs} ms`);
for (const { reader, at, what, bytes } of findings) {
  mkdirSync(OUT, { recursive: true });
  const file = `${OUT}/${reader.replaceAll(' ', '-')}-${seed}-${at}`;
  writeFileSync(file, bytes);
  console.log(`✗ ${file}: ${what}`);
}
console.log(`${findings.length} findings`);
process.exitCode = findings.length ? 1 : 0;
