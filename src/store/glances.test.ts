import { sampleBag, type Stand, type StoredPhoto } from '@/model';
import { testStand } from '@/testing/fixtures';
import { type Glance, type JobResult } from '@/workers';
import { createGlances, glanceOf } from './glances';
import { type StandSummary } from './stands';

const bag = sampleBag();
const GLANCE: Glance = { line: '', sheets: [], isUpsideDown: false, seam: null, picture: null };
const kept = (id: string, change: Partial<Stand> = {}): StandSummary => ({
  id,
  updatedAt: '2026-05-01T05:00:00Z',
  document: { stand: testStand({ id, ...change }), bag: null, used: [], minor: 0 },
});
const [a, b, c] = [kept('a'), kept('b'), kept('c')];
const tick = () => new Promise((r) => setTimeout(r));

function make(findPhoto: (sha256: string) => Promise<StoredPhoto | null> = async () => null) {
  const asked: {
    id: string;
    photo: StoredPhoto | null;
    settle: (result: JobResult<'glance'>) => void;
  }[] = [];
  const glances = createGlances(
    {
      request: ({ stand, photo }) => new Promise((settle) => asked.push({ id: stand.id, photo, settle })),
      cancel: () => {},
      dispose: jest.fn(),
    },
    { findPhoto },
  );
  const answer = async (result: JobResult<'glance'> = { type: 'done', output: GLANCE }) => {
    asked.at(-1)!.settle(result);
    await tick();
  };
  const seen = (summary: StandSummary) => glanceOf(glances.state.getState(), summary, bag);
  return { asked, glances, answer, seen, ids: () => asked.map((one) => one.id) };
}

describe('what a list shows of its stands', () => {
  it('is worked out one after another, in order, each once', async () => {
    const { glances, answer, seen, ids } = make();
    glances.want([a, b, a], bag);
    expect(ids()).toEqual(['a']);
    await answer();
    await answer();
    expect(ids()).toEqual(['a', 'b']);
    glances.want([a, b], bag);
    expect(ids()).toEqual(['a', 'b']);
    expect(seen(b)).toBe(GLANCE);
  });

  it('follows what comes into sight, and goes on after a failure', async () => {
    const { glances, answer, seen, ids } = make();
    glances.want([a, b, c], bag);
    glances.want([c, a, b], bag);
    await answer({ type: 'failed', code: 'crashed', message: '' });
    expect(seen(a)).toBeNull();
    expect(ids()).toEqual(['a', 'c']);
    glances.rest();
    await answer();
    expect(ids()).toHaveLength(2);
  });

  it('belongs to the stand and the bag that it was worked out of, and to no other', async () => {
    const { glances, answer, seen, ids } = make();
    glances.want([a], bag);
    await answer();
    const changed = kept('a', { exposure: { aperture: 11, iso: 200 } });
    expect(seen(changed)).toBeUndefined();
    expect(glanceOf(glances.state.getState(), a, { ...bag, slots: 2 })).toBeUndefined();
    glances.want([changed], bag);
    await answer();
    expect(ids()).toEqual(['a', 'a']);
    expect(seen(changed)).toBe(GLANCE);
    expect(seen(a)).toBeUndefined();
    // glass is called otherwise from now on
    glances.forget();
    expect(seen(changed)).toBeUndefined();
  });

  it('is worked out without a picture that is not to be had', async () => {
    const picture = { sha256: 'f'.repeat(64) } as Stand['picture'];
    const stored = { sha256: 'f'.repeat(64), type: 'image/jpeg', bytes: new ArrayBuffer(1) };
    const found = make(async () => stored);
    found.glances.want([kept('p', { picture })], bag);
    await tick();
    expect(found.asked[0]!.photo).toBe(stored);
    const lost = make(() => Promise.reject(new Error('gone')));
    lost.glances.want([kept('p', { picture })], bag);
    await tick();
    expect(lost.asked[0]!.photo).toBeNull();
  });
});
