import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { fuzz } from '@/testing/fuzz';

/** `npm run fuzz -- N SEED` runs any number of them. */
const [COUNT, SEED] = [1_200, 14];

it('every reader stands mutated files: nothing thrown, refused without a place, or taken and then not written', async () => {
  // readers say what of a hostile file they pass over
  jest.spyOn(console, 'warn').mockImplementation(() => {});
  const { counts, findings } = await fuzz(COUNT, SEED, undefined, Infinity);
  expect(findings.map(({ reader, at, what }) => `${reader} ${at}: ${what}`)).toEqual([]);
  // both ways out were taken by every kind of reader but those of text as it is typed, of raw files, which libraw reads, and of
  // a link, whose packing tells every change
  for (const [reader, { taken, refused }] of Object.entries(counts)) {
    expect([reader, taken > 0 || reader === 'carried link']).toEqual([reader, true]);
    expect([reader, refused > 0 || reader === 'raw']).toEqual([reader, true]);
  }
}, 120_000);

const textOf = (file: string): string => readFileSync(file, 'utf8');
const namesIn = (text: string, expression: RegExp): string[] =>
  [...text.matchAll(expression)].flatMap(([, names = '']) => names.split(',').map((n) => n.trim()));

/** Readers that the room of files shows: by its face, or in a file of its own that is loaded when it is asked for. */
function readersShown(): string[] {
  const face = namesIn(textOf('src/files/index.ts'), /export \{([^}]*)\} from/g);
  const sources = readdirSync('src', { recursive: true, encoding: 'utf8' }).filter(
    (f) => /\.tsx?$/.test(f) && !/\.test\.|^(?:files|testing)\//.test(f),
  );
  const later = new Set(
    sources.flatMap((f) => namesIn(textOf(path.join('src', f)), /'@\/files\/([\w-]+)'/g)),
  );
  const own = [...later].flatMap((file) =>
    namesIn(textOf(`src/files/${file}.ts`), /export (?:async )?(?:function\*?|const) (\w+)/g),
  );
  return [...new Set([...face, ...own])].filter((n) => /^(?:read|open)[A-Z]/.test(n)).toSorted();
}

it('every reader of files is among the fuzzed (fault 138)', () => {
  const fuzzed = textOf('src/testing/fuzz-readers.ts');
  const shown = readersShown();
  expect(shown).toEqual(
    expect.arrayContaining(['openBundle', 'readCarried', 'readGlassCsv', 'readTakesCsv', 'readTideTable']),
  );
  // a backup is read by steps, and by the same in one go
  const names = shown.map((name) => (name === 'readBackupSteps' ? 'readBackupFile' : name));
  expect(names.filter((name) => !fuzzed.includes(`${name}(`))).toEqual([]);
});
