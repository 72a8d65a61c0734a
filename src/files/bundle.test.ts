import { createHash } from 'node:crypto';
import fc from 'fast-check';
import { strToU8, zipSync } from 'fflate';
import sharp from 'sharp';
import { valueOf } from '@/testing/results';
import { type Bundle, isBundle, openBundle, writeBundle } from './bundle';

const hashOf = (bytes: Uint8Array) => createHash('sha256').update(bytes).digest('hex');

async function picture(background: string) {
  const bytes = new Uint8Array(
    await sharp({ create: { width: 8, height: 6, channels: 3, background } })
      .jpeg()
      .toBuffer(),
  );
  return { sha256: hashOf(bytes), type: 'image/jpeg', bytes: bytes.slice().buffer };
}

const open = (bytes: Uint8Array<ArrayBuffer>) => openBundle(new Blob([bytes]));
const written = async (bundle: Bundle) => valueOf(await writeBundle(bundle));
const zip = (files: Parameters<typeof zipSync>[0]) => zipSync(files) as Uint8Array<ArrayBuffer>;

/** Where a signature stands for the last time. */
const lastOf = (bytes: Uint8Array, signature: number): number => {
  const view = new DataView(bytes.buffer);
  for (let at = bytes.length - 4; at >= 0; at--) if (view.getUint32(at, true) === signature) return at;
  throw new Error('not there');
};

describe('a bundle', () => {
  it('comes back as it was written, hash by hash', async () => {
    const pictures = [await picture('red'), await picture('blue')];
    const bytes = await written({ kind: 'stand', text: '{"a":"ü"}', pictures });
    expect(isBundle(bytes)).toBe(true);
    const { kind, text, sha256s, picture: read } = valueOf(await open(bytes));
    expect({ kind, text, sha256s }).toEqual({
      kind: 'stand',
      text: '{"a":"ü"}',
      sha256s: pictures.map((p) => p.sha256),
    });
    for (const p of pictures) expect(valueOf(await read(p.sha256))).toEqual(p);
    expect(await read('0'.repeat(64))).toMatchObject({ ok: false, error: { code: 'missing' } });
  });

  it('of everything holds as many pictures as there are stands, and one of a stand does not', async () => {
    const pictures = await Promise.all(
      Array.from({ length: 51 }, (_, i) => picture(`#${(4 * i + 16).toString(16)}8040`)),
    );
    expect((await writeBundle({ kind: 'backup', text: '{}', pictures })).ok).toBe(true);
    // one that would not be read again is not given out
    expect(await writeBundle({ kind: 'stand', text: '{}', pictures })).toMatchObject({
      ok: false,
      error: { code: 'too-large' },
    });
  });

  it('names the picture that is not what its name says, or none; the stand is there all the same', async () => {
    const { bytes } = await picture('red');
    const hash = '0'.repeat(64);
    const entry = async (content: Uint8Array) => {
      const opened = valueOf(await open(zip({ 'stand.json': strToU8('{}'), [`pictures/${hash}`]: content })));
      expect(opened.text).toBe('{}');
      return opened.picture(hash);
    };
    const refused = { ok: false, error: { path: `pictures/${hash}`, code: 'wrong-type' } };
    expect(await entry(new Uint8Array(bytes))).toMatchObject(refused);
    expect(await entry(strToU8('<script>'))).toMatchObject(refused);
  });

  it('without a stand is refused; what is not its own is left packed', async () => {
    expect(await open(zip({ 'other.txt': strToU8('x') }))).toMatchObject({ error: { path: 'stand.json' } });
    expect(await open(strToU8('PK nothing of the kind') as Uint8Array<ArrayBuffer>)).toMatchObject({
      ok: false,
      error: { code: 'damaged' },
    });
    const extra = zip({
      'stand.json': strToU8('{}'),
      '../evil.js': strToU8('x'),
      'pictures/x': strToU8('y'),
    });
    expect(valueOf(await open(extra))).toMatchObject({ kind: 'stand', text: '{}', sha256s: [] });
  });

  it('that unpacks to more than an honest one of its size is refused before it is unpacked (fault 60)', async () => {
    const bomb = zip({ 'stand.json': new Uint8Array(6_000_000) });
    expect(bomb.length).toBeLessThan(20_000);
    expect(await open(bomb)).toMatchObject({ error: { code: 'too-large', path: 'stand.json' } });
    // an honest zip file, but for the gigabyte in it, of which it is not the bundle's to know
    const big = zip({ 'stand.json': strToU8('{}'), other: [new Uint8Array(30_000_000), { level: 9 }] });
    expect(await open(big)).toMatchObject({ ok: false, error: { code: 'too-large' } });
  });

  it('whose count of entries lies, whose entries overlap or stand twice, is refused (faults 59, 60)', async () => {
    const whole = zip({ 'stand.json': strToU8('{"a":1}'), 'pictures/x': strToU8('yyyy') });
    const changed = (change: (view: DataView, end: number, entry: number) => void) => {
      const bytes = whole.slice();
      change(new DataView(bytes.buffer), lastOf(bytes, 0x06054b50), lastOf(bytes, 0x02014b50));
      return open(bytes);
    };
    expect((await changed(() => {})).ok).toBe(true);
    const damaged = { ok: false, error: { code: 'damaged' } };
    expect(await changed((view, end) => view.setUint16(end + 10, 0xffff, true))).toMatchObject({ ok: false });
    expect(await changed((view, end) => view.setUint16(end + 10, 9, true))).toMatchObject(damaged);
    expect(await changed((view, end) => view.setUint32(end + 16, 1e9, true))).toMatchObject(damaged);
    // the second entry begins within the first
    expect(await changed((view, _, entry) => view.setUint32(entry + 42, 2, true))).toMatchObject(damaged);
    const twice = whole.slice();
    const at = lastOf(twice, 0x02014b50) + 46;
    twice.set(strToU8('stand.json'), at);
    expect(await open(twice)).toMatchObject(damaged);
  });

  it('whose document or picture has another checksum is refused by name (fault 60)', async () => {
    const { bytes, sha256 } = await picture('red');
    const name = `pictures/${sha256}`;
    const whole = zip({
      'stand.json': [strToU8('{"a":1}'), { level: 0 }],
      [name]: [new Uint8Array(bytes), { level: 0 }],
    });
    const text = new TextDecoder('latin1').decode(whole);
    const document = whole.slice();
    document[text.indexOf('{"a":1}') + 5]! += 1;
    expect(await open(document)).toMatchObject({ ok: false, error: { code: 'damaged', path: 'stand.json' } });
    const image = whole.slice();
    image[text.indexOf(name) + name.length + 60]! += 1;
    expect(await valueOf(await open(image)).picture(sha256)).toMatchObject({
      ok: false,
      error: { code: 'damaged', path: name },
    });
  });

  it('never throws, whatever is done to its bytes', async () => {
    const whole = await written({ kind: 'backup', text: '{"a":1}', pictures: [await picture('green')] });
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.tuple(fc.nat(), fc.nat(255)), { minLength: 1, maxLength: 12 }),
        fc.nat(),
        async (changes, cut) => {
          const hostile = whole.slice();
          for (const [at, byte] of changes) hostile[at % hostile.length] = byte;
          const read = await open(hostile.slice(0, 1 + (cut % hostile.length)));
          if (!read.ok) return;
          for (const hash of read.value.sha256s) {
            const found = await read.value.picture(hash);
            // whatever came through is what it says it is
            if (found.ok) expect(hashOf(new Uint8Array(found.value.bytes))).toBe(hash);
          }
        },
      ),
      { numRuns: 300 },
    );
  });
});
