import { createHash } from 'node:crypto';
import fc from 'fast-check';
import { strToU8, zipSync } from 'fflate';
import sharp from 'sharp';
import { isBundle, readBundle, writeBundle } from './bundle';

const hashOf = (bytes: Uint8Array) => createHash('sha256').update(bytes).digest('hex');

async function picture(background: string) {
  const bytes = new Uint8Array(
    await sharp({ create: { width: 8, height: 6, channels: 3, background } })
      .jpeg()
      .toBuffer(),
  );
  return { sha256: hashOf(bytes), type: 'image/jpeg', bytes: bytes.slice().buffer };
}

describe('a bundle', () => {
  it('comes back as it was written, hash by hash', async () => {
    const bundle = {
      kind: 'stand' as const,
      text: '{"a":"ü"}',
      pictures: [await picture('red'), await picture('blue')],
    };
    const bytes = writeBundle(bundle);
    expect(isBundle(bytes)).toBe(true);
    expect(readBundle(bytes)).toEqual({ ok: true, value: bundle });
  });

  it('of everything holds as many pictures as there are stands, and one of a stand does not', async () => {
    const pictures = await Promise.all(
      Array.from({ length: 51 }, (_, i) => picture(`#${(4 * i + 16).toString(16)}8040`)),
    );
    const read = (kind: 'stand' | 'backup') => readBundle(writeBundle({ kind, text: '{}', pictures }));
    expect(read('backup')).toMatchObject({ ok: true, value: { kind: 'backup' } });
    expect(read('stand')).toMatchObject({ ok: false, error: { code: 'too-large' } });
  });

  it('is refused by path when a picture is not what its name says, or none', async () => {
    const { bytes } = await picture('red');
    const wrong = `pictures/${'0'.repeat(64)}`;
    const entry = (content: Uint8Array) =>
      readBundle(zipSync({ 'stand.json': strToU8('{}'), [wrong]: content }));
    expect(entry(new Uint8Array(bytes))).toMatchObject({ ok: false, error: { path: wrong } });
    expect(entry(strToU8('<script>'))).toMatchObject({
      ok: false,
      error: { path: wrong, code: 'wrong-type' },
    });
  });

  it('without a stand, of too much, or damaged is refused; what is not its own is left packed', async () => {
    expect(readBundle(zipSync({ 'other.txt': strToU8('x') }))).toMatchObject({
      error: { path: 'stand.json' },
    });
    const bomb = zipSync({ 'stand.json': new Uint8Array(6_000_000) });
    expect(bomb.length).toBeLessThan(20_000);
    expect(readBundle(bomb)).toMatchObject({ error: { code: 'too-large', path: 'stand.json' } });
    expect(readBundle(strToU8('PK nothing of the kind'))).toMatchObject({ ok: false });
    const extra = zipSync({
      'stand.json': strToU8('{}'),
      '../evil.js': strToU8('x'),
      'pictures/x': strToU8('y'),
    });
    expect(readBundle(extra)).toEqual({ ok: true, value: { kind: 'stand', text: '{}', pictures: [] } });
  });

  it('never throws, whatever is done to its bytes', async () => {
    const whole = writeBundle({ kind: 'backup', text: '{"a":1}', pictures: [await picture('green')] });
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.nat(), fc.nat(255)), { minLength: 1, maxLength: 12 }),
        fc.nat(),
        (changes, cut) => {
          const hostile = Uint8Array.from(whole);
          for (const [at, byte] of changes) hostile[at % hostile.length] = byte;
          const read = readBundle(hostile.slice(0, 1 + (cut % hostile.length)));
          // whatever came through is what it says it is
          if (read.ok)
            for (const p of read.value.pictures) expect(hashOf(new Uint8Array(p.bytes))).toBe(p.sha256);
        },
      ),
      { numRuns: 300 },
    );
  });
});
