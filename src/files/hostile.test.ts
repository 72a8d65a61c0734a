import { addReading, sampleBag, withThrough } from '@/model';
import { NO_PLANS } from '@/model/outing';
import { testStand } from '@/testing/fixtures';
import { valueOf } from '@/testing/results';
import { readBackupFile, writeBackupFile } from './backup-file';
import { FORMAT } from './document';
import { photoHeader } from '@/photos/formats';
import { readReadingsCsv } from './readings-csv';
import { readStandFile, writeStandFile } from './stand-file';

const text = valueOf(writeStandFile({ stand: testStand(), bag: sampleBag(), minor: 0 }));
const edited = (change: (json: any) => void): string => {
  const json = JSON.parse(text);
  change(json);
  return JSON.stringify(json);
};
const refusal = (read: string) => {
  const result = readStandFile(read);
  return result.ok ? 'taken' : `${result.error.code} ${result.error.path}`;
};

describe('a document', () => {
  it('nested deeper than any of ours is refused before it is parsed, whatever version it says it is (fault 61)', () => {
    for (const [open, close] of [
      ['[', ']'],
      ['{"a":', '}'],
    ] as const) {
      const deep = `${open.repeat(20_000)}1${close.repeat(20_000)}`;
      for (const minor of [0, 99]) {
        const whole = edited((j) => (j.minor = minor)).replace('{', `{"deep":${deep},`);
        expect(refusal(whole)).toBe('too-deep ');
      }
      expect(readBackupFile(`{"stands":${deep}}`)).toMatchObject({ error: { code: 'too-deep' } });
    }
    expect(refusal(edited((j) => (j.stand.notes = '['.repeat(9_000))))).toBe('taken');
  });

  it.each<[string, (json: any) => void, string]>([
    ['an empty key (fault 65)', (j) => (j.stand[''] = 1), 'unknown-key stand[""]'],
    ['a key that is no name', (j) => (j.stand.lens['a.b[0]'] = 1), 'unknown-key stand.lens["a.b[0]"]'],
    [
      'a shutter of spaces (fault 59)',
      (j) =>
        (j.stand.readings[0] = {
          id: 'x',
          role: 'sky',
          aperture: 8,
          iso: 100,
          shutter: `1${' '.repeat(39)}`,
        }),
      'taken',
    ],
    [
      'a shutter of very many spaces',
      (j) =>
        (j.stand.readings[0] = { id: 'x', role: 'sky', aperture: 8, iso: 100, shutter: ' '.repeat(9_000) }),
      'wrong-type stand.readings[0].shutter',
    ],
    ['half a character', (j) => (j.stand.name = 'a\ud800'), 'not-allowed stand.name'],
  ])('with %s', (_, change, expected) => {
    expect(
      refusal(edited(change)).replace(
        'out-of-range stand.readings[0].shutter',
        'wrong-type stand.readings[0].shutter',
      ),
    ).toBe(expected);
  });

  it('with a key that would be taken for the prototype is refused, in a later minor too', () => {
    for (const minor of [0, 99]) {
      const whole = edited((j) => (j.minor = minor)).replace(
        '"lens":{',
        '"lens":{"__proto__":{"polluted":1},',
      );
      expect(refusal(whole)).toBe('not-allowed stand.lens.__proto__');
    }
    expect(({} as any).polluted).toBeUndefined();
  });

  it('with keys of a later minor is written under a version whose reader keeps them (fault 62)', () => {
    const later = edited((j) => {
      j.minor = FORMAT.minor + 3;
      j.stand.weather = { wind: 4 };
    });
    const opened = valueOf(readStandFile(later));
    const again = valueOf(writeStandFile(opened));
    expect(JSON.parse(again)).toMatchObject({ minor: FORMAT.minor + 3, stand: { weather: { wind: 4 } } });
    expect(valueOf(readStandFile(again)).stand).toEqual(opened.stand);
    // and one that has none says no later version than its keys are of
    const plain = { ...opened, stand: testStand() };
    expect(JSON.parse(valueOf(writeStandFile(plain)))).toMatchObject({ minor: FORMAT.minor });
    const kept = {
      updatedAt: '2026-11-25T06:10:00Z',
      document: { stand: opened.stand, bag: null, used: [], minor: FORMAT.minor + 1 },
    };
    const written = valueOf(
      writeBackupFile({
        madeAt: kept.updatedAt,
        bag: sampleBag(),
        plans: NO_PLANS,
        preferences: null,
        stands: [kept],
      }),
    );
    expect(written.unreadable).toEqual([]);
    expect(valueOf(readBackupFile(written.text)).stands[0]!.document.stand).toEqual(opened.stand);
  });

  it('that its own reader would refuse is not written', () => {
    const bad = addReading(testStand(), { id: 'x', role: 'sky', ev100: -20.3 });
    expect(writeStandFile({ stand: bad, bag: sampleBag(), minor: 0 })).toMatchObject({
      ok: false,
      error: { path: 'stand.readings[2].ev100' },
    });
    const lost = withThrough(testStand(), { ev100: 8, throughFilterIds: ['gone'] });
    expect(writeStandFile({ stand: lost, bag: sampleBag(), minor: 0 })).toMatchObject({
      ok: false,
      error: { code: 'unknown-filter', path: 'stand.through.throughFilterIds[0]' },
    });
  });
});

it('a table of readings takes a thousand for a thousand, and no year that nobody meters in (fault 63)', () => {
  const rows = (table: string) =>
    readReadingsCsv(table, { bag: sampleBag(), aperture: 8, iso: 100, day: '2026-03-14T05:00:00Z' });
  expect(rows('role;aperture;shutter;iso\nsky;8;1/125;1,600')[0]).toMatchObject({ reading: { iso: 1600 } });
  expect(rows('role;aperture;shutter;iso\nsky;5,6;1/125;100')[0]).toMatchObject({
    reading: { aperture: 5.6 },
  });
  expect(rows('role,ev100,taken_at\nsky,12,9999-12-31T00:00:00Z')[0]).toMatchObject({
    ok: false,
    column: 'taken_at',
  });
  expect(rows(`sky ${' '.repeat(9_000)}8 1/125`)[0]).toMatchObject({ ok: true });
});

it('a PNG of more chunks than any program writes is refused, and so is one of two headers (fault 59)', () => {
  const chunk = (name: string) => [0, 0, 0, 0, ...new TextEncoder().encode(name), 0, 0, 0, 0];
  const signature = [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a];
  const many = new Uint8Array(8 + 12 * 200_001);
  many.set([...signature, ...chunk('IHDR')]);
  for (let i = 1; i <= 200_000; i++) many.set(chunk(i < 200_000 ? 'tEXt' : 'IEND'), 8 + 12 * i);
  expect(photoHeader(many)).toEqual({ ok: false, fault: 'damaged' });
  const twice = Uint8Array.from([...signature, ...chunk('IHDR'), ...chunk('IHDR'), ...chunk('IEND')]);
  expect(photoHeader(twice)).toEqual({ ok: false, fault: 'damaged' });
});
