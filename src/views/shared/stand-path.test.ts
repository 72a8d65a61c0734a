import fc from 'fast-check';
import { idOfKey, standKey } from './stand-path';

describe('a stand in an address', () => {
  it('is found again, whatever its id (faults 70, 78)', () => {
    const any = fc.oneof(
      fc.string({ unit: 'binary' }),
      fc.constantFrom('.', '..', 'a/b?c#d', 'x\ud800', '~', '', '%', ' '),
    );
    fc.assert(
      fc.property(any, (id) => {
        const key = standKey(id);
        expect(idOfKey(key)).toBe(id);
        // no browser takes it for anything else
        expect(new URL(`http://x/stands/${key}/end`).pathname).toBe(`/stands/${key}/end`);
      }),
    );
    expect(standKey('st-1')).toBe('st-1');
  });
});
