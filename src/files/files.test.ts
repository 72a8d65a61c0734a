import fc from 'fast-check';
import { readFileSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { MAX_DOCUMENT_BYTES, sampleBag } from '@/model';
import { anyBag, anyStand, testStand } from '@/testing/fixtures';
import { valueOf } from '@/testing/results';
import { STANDS } from '@/testing/vectors';
import { readBagFile } from './bag-file';
import { readOutingFile } from './outing-file';
import { FORMAT } from './document';
import { readStandFile, standFileJsonSchema, standFileName, writeStandFile } from '.';

// hostile documents have no type
const document = (): any =>
  JSON.parse(valueOf(writeStandFile({ stand: testStand(), bag: sampleBag(), minor: 0 })));
const refusal = (change: (d: any) => void) => {
  const d = document();
  change(d);
  const read = readStandFile(JSON.stringify(d));
  return read.ok ? 'taken' : `${read.error.code} ${read.error.path}`;
};

describe('stand files', () => {
  it('come back the same as they were written', () => {
    fc.assert(
      fc.property(anyStand, anyBag, (stand, bag) => {
        const { minor } = FORMAT;
        const read = readStandFile(valueOf(writeStandFile({ stand, bag, minor: 0 })));
        expect(read).toEqual({ ok: true, value: { stand, bag, minor } });
      }),
    );
  });

  it('of the reference numbers and of the demo are all read', () => {
    for (const { file } of STANDS) expect(readStandFile(JSON.stringify(file)).ok).toBe(true);
    const demo = path.join(__dirname, '../demo');
    const files = readdirSync(demo).filter((f) => f.endsWith('.json'));
    expect(files).toHaveLength(9);
    for (const file of files) {
      const read = file.startsWith('bag.')
        ? readBagFile
        : file.startsWith('outing-')
          ? readOutingFile
          : readStandFile;
      expect(read(readFileSync(path.join(demo, file), 'utf8')).ok).toBe(true);
    }
  });

  it.each<[string, (d: any) => void]>([
    ['wrong-format format', (d) => (d.format = 'other')],
    ['wrong-kind kind', (d) => (d.kind = 'ledger')],
    ['unsupported-version version', (d) => (d.version = 2)],
    ['unsupported-version version', (d) => (d.version = 0)],
    ['wrong-type version', (d) => (d.version = '1')],
    ['unknown-key stand.bogus', (d) => (d.stand.bogus = 1)],
    ['unknown-key stand.camera.bogus', (d) => (d.stand.camera.bogus = 1)],
    ['unknown-key bogus', (d) => (d.bogus = 1)],
    ['missing stand.lens.focalLengthMm', (d) => delete d.stand.lens.focalLengthMm],
    ['missing stand', (d) => delete d.stand],
    ['missing bag.filters[0].transitionMm', (d) => delete d.bag.filters[0].transitionMm],
    ['missing bag.filters[1].kind', (d) => delete d.bag.filters[1].kind],
    ['out-of-range stand.lens.focalLengthMm', (d) => (d.stand.lens.focalLengthMm = 2000.1)],
    ['out-of-range stand.exposure.aperture', (d) => (d.stand.exposure.aperture = 0.4)],
    ['out-of-range stand.skyline[1].v', (d) => (d.stand.skyline[1].v = 2.01)],
    ['out-of-range stand.skyline', (d) => d.stand.skyline.pop()],
    ['out-of-range stand.readings[0].ev100', (d) => (d.stand.readings[0].ev100 = 25.5)],
    ['out-of-range stand.readings[0].u', (d) => (d.stand.readings[0].u = -0.1)],
    ['missing stand.readings[0].v', (d) => delete d.stand.readings[0].v],
    ['missing stand.readings[0].aperture', (d) => delete d.stand.readings[0].ev100],
    ['not-allowed stand.readings[0].iso', (d) => (d.stand.readings[0].iso = 100)],
    ['wrong-type stand.readings[0].role', (d) => (d.stand.readings[0].role = 'cloud')],
    ['wrong-type stand.readings[0].ev100', (d) => (d.stand.readings[0].ev100 = '12')],
    ['wrong-type stand.readings[0].ev100', (d) => (d.stand.readings[0].ev100 = null)],
    ['duplicate-id stand.readings[1].id', (d) => (d.stand.readings[1].id = 'r1')],
    ['duplicate-id bag.filters[2].id', (d) => (d.bag.filters[2].id = d.bag.filters[0].id)],
    ['not-allowed stand.look.gapStops', (d) => (d.stand.look = { school: 'bracket', gapStops: 1 })],
    ['out-of-range stand.look.gapStops', (d) => (d.stand.look = { school: 'heavy', gapStops: 0.5 })],
    ['out-of-range stand.look.gapStops', (d) => (d.stand.look = { school: 'natural', gapStops: 2.5 })],
    ['out-of-range bag.filters[0].transitionMm', (d) => (d.bag.filters[0].transitionMm = 0)],
    ['out-of-range bag.filters[8].floorStops', (d) => (d.bag.filters[8].floorStops = 4)],
    ['out-of-range bag.filters[0].seamFromDarkEndMm', (d) => (d.bag.filters[0].seamFromDarkEndMm = 151)],
    [
      'unknown-filter stand.choice.filterIds[0]',
      (d) => (d.stand.choice = { filterIds: ['gone'], offsetMm: 0, turnDeg: 0 }),
    ],
    ['unknown-filter stand.fitted[0].filterId', (d) => (d.stand.fitted = [{ filterId: 'gone' }])],
    ['wrong-type stand.createdAt', (d) => (d.stand.createdAt = 'this morning')],
    [
      'wrong-type stand.readings[0].shutter',
      (d) => (d.stand.readings[0] = { id: 'a', role: 'sky', aperture: 8, iso: 100, shutter: 'fast' }),
    ],
    [
      'out-of-range stand.readings[0].shutter',
      (d) => (d.stand.readings[0] = { id: 'a', role: 'sky', aperture: 8, iso: 100, shutter: '9999999' }),
    ],
    [
      'out-of-range stand.readings[0].shutter',
      (d) => (d.stand.readings[0] = { id: 'a', role: 'sky', aperture: 8, iso: 100, shutter: 1e7 }),
    ],
    ['out-of-range stand.lens.nearestSubjectM', (d) => (d.stand.lens.nearestSubjectM = 0)],
    ['out-of-range stand.lens.widestAperture', (d) => (d.stand.lens.widestAperture = 0)],
    ['out-of-range stand.camera.veilingGlarePart', (d) => (d.stand.camera.veilingGlarePart = 0.2)],
    ['out-of-range stand.camera.fullWellElectrons', (d) => (d.stand.camera.fullWellElectrons = 0)],
    ['wrong-type stand.look.sun', (d) => (d.stand.look = { school: 'sun', sun: 'above' })],
    ['out-of-range stand.look.sunAltitudeDeg', (d) => (d.stand.look.sunAltitudeDeg = 91)],
    ['wrong-type bag.filters[0].body', (d) => (d.bag.filters[0].body = 'painted')],
    [
      'out-of-range bag.holder.rings[0].diameterMm',
      (d) => (d.bag.holder = { rings: [{ name: 'r', diameterMm: 0, behindSlotMm: 4 }] }),
    ],
    [
      'missing bag.holder.rings[0].behindSlotMm',
      (d) => (d.bag.holder = { rings: [{ name: 'r', diameterMm: 80 }] }),
    ],
    [
      'out-of-range bag.filters[0].samples',
      (d) => (d.bag.filters[0] = { id: 'm', kind: 'measured', samples: [{ mm: 0, stops: 1 }] }),
    ],
    [
      'out-of-range bag.filters[0].samples[1].mm',
      (d) =>
        (d.bag.filters[0] = {
          id: 'm',
          kind: 'measured',
          samples: [
            { mm: 0, stops: 1 },
            { mm: 0, stops: 2 },
          ],
        }),
    ],
    [
      'unknown-filter stand.readings[0].throughFilterIds[0]',
      (d) => (d.stand.readings[0].throughFilterIds = ['gone']),
    ],
    ['out-of-range stand.name', (d) => (d.stand.name = 'x'.repeat(10_001))],
    [
      'out-of-range stand.readings',
      (d) =>
        (d.stand.readings = Array.from({ length: 501 }, (_, i) => ({ id: `r${i}`, role: 'sky', ev100: 1 }))),
    ],
  ])('are refused: %s', (expected, change) => {
    expect(refusal(change)).toBe(expected);
  });

  it('are refused as a whole when they are no document', () => {
    const code = (text: string) => {
      const read = readStandFile(text);
      return read.ok ? 'taken' : read.error.code;
    };
    expect(['', '{', 'null', '[]', '3', '"x"'].map(code)).toEqual([
      'not-json',
      'not-json',
      'wrong-format',
      'wrong-format',
      'wrong-format',
      'wrong-format',
    ]);
    expect(code('{"format":"pale-seam","version":1e999,"kind":"stand"}')).toBe('unsupported-version');
    expect(code(`"${'é'.repeat(MAX_DOCUMENT_BYTES / 2)}"`)).toBe('too-large');
  });

  it('cannot smuggle in a prototype', () => {
    const text = JSON.stringify(document())
      .replace('"notes"', '"__proto__"')
      .replace('"name":"Hesk Terraces"', '"name":"x","__proto__":{"polluted":1}');
    const read = readStandFile(text);
    expect(read.ok).toBe(false);
    expect(({} as any).polluted).toBeUndefined();
  });

  it('of a later minor version keep the keys that are not known', () => {
    const d = document();
    d.minor = FORMAT.minor + 1;
    d.stand.weather = { wind: 4 };
    const read = readStandFile(JSON.stringify(d));
    if (!read.ok) throw new Error(read.error.message);
    expect(JSON.parse(valueOf(writeStandFile(read.value)))).toMatchObject({
      minor: FORMAT.minor + 1,
      stand: { weather: { wind: 4 } },
    });
  });

  it('never make the reader throw, whatever they hold', () => {
    fc.assert(
      fc.property(fc.jsonValue(), fc.constantFrom('stand', 'bag', 'kind', 'version'), (value, key) => {
        const d = document();
        d[key] = value;
        expect(typeof readStandFile(JSON.stringify(d)).ok).toBe('boolean');
      }),
    );
  });

  it('have a published JSON Schema that is up to date', () => {
    const published = readFileSync(path.join(__dirname, '../../docs/stand-file.schema.json'), 'utf8');
    expect(JSON.parse(published)).toEqual(JSON.parse(JSON.stringify(standFileJsonSchema())));
  });

  it('are named so that any file system takes the name', () => {
    expect(standFileName(testStand({ name: 'Marl Pan, first/light: “2”' }))).toBe(
      'marl-pan-first-light-2.paleseam.json',
    );
    expect(standFileName(testStand({ name: '…' }))).toBe('stand.paleseam.json');
  });
});
