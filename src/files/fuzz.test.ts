import { fuzz } from '@/testing/fuzz';

/** `npm run fuzz -- N SEED` runs any number of them. */
const [COUNT, SEED] = [2_400, 14];
/** A machine may be busy with other things: what takes longer than this hangs. */
const HANGS_MS = 30_000;

it('every reader stands mutated files: nothing thrown, refused without a place, slow, or taken and then not written', async () => {
  // readers say what of a hostile file they pass over
  jest.spyOn(console, 'warn').mockImplementation(() => {});
  const { counts, findings } = await fuzz(COUNT, SEED, undefined, HANGS_MS);
  expect(findings.map(({ reader, at, what }) => `${reader} ${at}: ${what}`)).toEqual([]);
  // both ways out were taken by every kind of reader but that of text as it is typed, and of raw files, which libraw reads
  for (const [reader, { taken, refused }] of Object.entries(counts)) {
    expect([reader, taken > 0]).toEqual([reader, true]);
    expect([reader, refused > 0 || reader === 'raw']).toEqual([reader, true]);
  }
}, 120_000);
