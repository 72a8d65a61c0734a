import { type Stand } from '@/model';
import { picturedAs, testStand } from '@/testing/fixtures';
import { type JobResult } from '@/workers';
import { createIntake } from './intake';
import { type SkylineRead } from './read-photo';

const picture = (name: string) => ({
  ...picturedAs(Array<number>(24).fill(128)),
  sha256: name.repeat(64),
});
const read = (v: number): SkylineRead =>
  ({ points: [{ u: 0, v }], unsure: [], confidence: 0.9, hasSky: true }) as never;

/** Waits that end when they are told to, each by the name of what it waits for. */
function waits<T>() {
  const ends = new Map<string, (value: T) => void>();
  return {
    of: (name: string) => new Promise<T>((end) => ends.set(name, end)),
    end: async (name: string, value: T) => {
      ends.get(name)?.(value);
      await new Promise((next) => setTimeout(next));
    },
  };
}

function intake() {
  const stored = waits<{ sha256: string; type: string; bytes: ArrayBuffer } | null>();
  const found = waits<JobResult<'skyline'>>();
  const asked: string[] = [];
  let stand: Stand = testStand();
  const made = createIntake({
    shelf: { findPhoto: (sha256: string) => stored.of(sha256), keepPhoto: async () => true } as never,
    edit: (change) => void (stand = change(stand)),
    reader: { request: () => new Promise(() => {}), cancel: () => {}, dispose: () => {} },
    finder: {
      request: ({ bytes }: { bytes: ArrayBuffer }) => {
        asked.push(`${bytes.byteLength}`);
        return found.of(`${bytes.byteLength}`);
      },
      cancel: () => {},
      dispose: () => {},
    },
  });
  const at = (sha256: string, size: number) => ({ sha256, type: 'image/jpeg', bytes: new ArrayBuffer(size) });
  return { made, stored, found, asked, at };
}

describe('a skyline looked for in a picture', () => {
  it('is proposed for the picture that it was found in', async () => {
    const { made, stored, found, at } = intake();
    const first = picture('a');
    made.findSkyline(first);
    expect(made.state.getState()).toMatchObject({ isLooking: true, proposal: null });
    await stored.end(first.sha256, at(first.sha256, 1));
    await found.end('1', { type: 'done', output: read(0.4) });
    expect(made.state.getState()).toMatchObject({
      isLooking: false,
      proposal: { sha256: first.sha256, points: [{ v: 0.4 }] },
    });
  });

  it('of a newer picture is not given up for an older one that comes late', async () => {
    const { made, stored, found, asked, at } = intake();
    const [older, newer] = [picture('a'), picture('b')];
    made.findSkyline(older);
    made.findSkyline(newer);
    await stored.end(newer.sha256, at(newer.sha256, 2));
    await stored.end(older.sha256, at(older.sha256, 1));
    expect(asked).toEqual(['2']);
    await found.end('2', { type: 'done', output: read(0.6) });
    expect(made.state.getState().proposal).toMatchObject({ sha256: newer.sha256 });
  });

  it('of an older picture that was being looked through says nothing of the newer', async () => {
    const { made, stored, found, at } = intake();
    const [older, newer] = [picture('a'), picture('b')];
    made.findSkyline(older);
    await stored.end(older.sha256, at(older.sha256, 1));
    made.findSkyline(newer);
    await found.end('1', { type: 'done', output: read(0.2) });
    expect(made.state.getState()).toMatchObject({ isLooking: true, proposal: null });
  });
});
