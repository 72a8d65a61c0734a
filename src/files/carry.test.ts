import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { seededRandom } from '@/core/numerics';
import { sampleBag, type Stand } from '@/model';
import { picturedAs, testStand } from '@/testing/fixtures';
import { valueOf } from '@/testing/results';
import { carriedText, LINK_LIMIT, readCarried } from './carry';
import { type OpenedStand, readStandFile } from './stand-file';

const demo = (name: string): OpenedStand =>
  valueOf(readStandFile(readFileSync(`src/demo/${name}.paleseam.json`, 'utf8')));
const opened = (change: Partial<Stand>): OpenedStand => ({
  stand: testStand(change),
  bag: sampleBag(),
  minor: 11,
});
const back = (text: string) => valueOf(readStandFile(valueOf(readCarried(text)).file));

/** Words that cannot be made short. */
const noise = (length: number, seed: number): string => {
  const random = seededRandom(seed);
  return Array.from({ length }, () => String.fromCharCode(33 + Math.floor(90 * random()))).join('');
};

describe('a stand in a link', () => {
  it.each([
    'marl-pan',
    'tholl-saddle',
    'hesk-terraces',
    'quill-rim',
    'amber-gap',
    'sarrat-dune',
    'vann-snowfield',
  ])('%s fits a code, and comes back as it went, but for what is said', (name) => {
    const own = demo(name);
    const { text, without, fitsCode } = valueOf(carriedText(own));
    expect(fitsCode).toBe(true);
    const { stand, bag } = back(text);
    expect(without).toContain('picture');
    const { picture: _, takes, seen, exposures, doAgain, ...rest } = own.stand;
    const shots = without.includes('shots') ? {} : { takes, seen, exposures, doAgain };
    expect(stand).toEqual(JSON.parse(JSON.stringify({ ...rest, ...shots })));
    if (!without.includes('unused-glass')) expect(bag).toEqual(own.bag);
    expect(valueOf(readCarried(text)).name).toBe(own.stand.name);
  });

  it('loses shots before glass, is a link where it fits no code, and a file where it is too much', () => {
    const long = valueOf(carriedText(opened({ notes: noise(6_000, 1) })));
    expect(long).toMatchObject({ fitsCode: false, without: [] });
    expect(long.text.length).toBeLessThanOrEqual(LINK_LIMIT);
    const shots = Array.from({ length: 60 }, (_, i) => ({
      id: `k${i}`,
      takenAt: '2026-05-01T05:30:00Z',
      exposure: { aperture: 11, iso: 100, seconds: 0.125 },
      filterIds: [],
      note: noise(90, i),
    }));
    expect(valueOf(carriedText(opened({ takes: shots })))).toMatchObject({
      fitsCode: true,
      without: ['shots'],
    });
    expect(
      carriedText(
        opened({
          notes: noise(9_900, 2),
          name: noise(9_900, 3),
          skyName: noise(9_900, 4),
          leaveOut: [5, 6, 7].map((s) => noise(9_900, s)),
        }),
      ),
    ).toMatchObject({
      ok: false,
      error: { code: 'too-large' },
    });
  });

  it('goes without pictures, and says so', () => {
    const small = 'data:image/jpeg;base64,AAAA';
    const take = {
      id: 'k',
      takenAt: '2026-05-01T05:30:00Z',
      exposure: { aperture: 11, iso: 100, seconds: 0.125 },
      filterIds: [],
      file: { name: 'a.jpg', small },
    };
    const { text, without } = valueOf(
      carriedText(opened({ takes: [take], picture: picturedAs(new Array<number>(24).fill(200)) })),
    );
    expect(without).toEqual(['picture', 'small-pictures']);
    const { stand } = back(text);
    expect(stand.picture).toBeUndefined();
    expect(stand.takes![0]!.file).toEqual({ name: 'a.jpg' });
  });

  it('that is cut, changed, or never was one is refused by name, whatever it is', () => {
    const { text } = valueOf(carriedText(demo('marl-pan')));
    fc.assert(
      fc.property(
        fc.oneof(
          fc.nat({ max: text.length - 2 }).map((n) => text.slice(0, n)),
          fc
            .tuple(fc.nat({ max: text.length - 1 }), fc.constantFrom('A', 'z', '-', '%', '\u0000'))
            .map(([i, c]) => text.slice(0, i) + c + text.slice(i + 1)),
          fc.string({ maxLength: 300 }),
          fc.string({ maxLength: 300 }).map((s) => `1${s}`),
        ),
        (bad) => {
          if (bad === text) return;
          const read = readCarried(bad);
          // a change that goes unseen by the packing is found by the stand's own reader, or is a stand
          if (read.ok) expect(readStandFile(read.value.file).ok).toBe(true);
          else expect(read.error.message).not.toBe('');
        },
      ),
    );
    expect(readCarried(`1${'A'.repeat(60_000)}`)).toMatchObject({ ok: false, error: { code: 'too-large' } });
  });
});
