import { phaseOf } from '@/model/expose';
import { type CountdownHost, type CountdownRecords, keepCountdown } from './countdown';

const plan = { frames: [128], delaySeconds: 0, pauseSeconds: 3, hasDarkFrame: false };

/** A browser of a few tabs: one device's clock and shelf, a page's clock and sight for each tab. */
function browser() {
  const kept = new Map<string, string>();
  const records = new Map<string, object>();
  const database: CountdownRecords = {
    find: async (id) => records.get(id),
    keep: async (id, countdown) => void records.set(id, countdown),
  };
  const tabs: { told: (key: string) => void; away: () => void; pageMs: number; isAway: boolean }[] = [];
  let wallMs = 1_800_000_000_000;
  const tab = () => {
    const own = { told: (_: string) => {}, away: () => {}, pageMs: 100 * tabs.length, isAway: false };
    tabs.push(own);
    const tell = (key: string) => tabs.forEach((t) => t !== own && t.told(key));
    const host: CountdownHost = {
      shelf: {
        getItem: (key) => kept.get(key) ?? null,
        setItem: (key, value) => {
          kept.set(key, value);
          tell(key);
        },
        removeItem: (key) => {
          kept.delete(key);
          tell(key);
        },
      },
      wallMs: () => wallMs,
      pageMs: () => own.pageMs,
      onAway: (listener) => {
        own.away = listener;
        return () => {};
      },
      isAway: () => own.isAway,
      onOtherTab: (listener) => {
        own.told = listener;
        return () => (own.told = () => {});
      },
    };
    return { host, own, keep: (id = 'st') => keepCountdown(id, host, database) };
  };
  return {
    kept,
    records,
    database,
    tab,
    passes: (ms: number) => {
      wallMs += ms;
      tabs.forEach((t) => (t.pageMs += ms));
    },
    sets: (ms: number) => (wallMs += ms),
  };
}

const ranSeconds = (room: ReturnType<typeof keepCountdown>) => {
  room.look();
  return (room.state.getState().running?.ranMs ?? NaN) / 1000;
};

describe('a countdown', () => {
  it('goes on over a reload, by the clock', () => {
    const b = browser();
    const first = b.tab().keep('st');
    first.start();
    first.open(plan);
    b.passes(10_000);
    first.look();
    b.passes(20_000);
    const again = b.tab().keep('st');
    again.start();
    expect(ranSeconds(again)).toBeCloseTo(30, 3);
    expect(phaseOf(again.state.getState().running!)).toMatchObject({ leftSeconds: 98 });
  });

  it('is the same in a second tab on the stand, whichever is looked at, and ends in both', () => {
    const b = browser();
    const [one, two] = [b.tab().keep('st'), b.tab().keep('st')];
    const other = b.tab().keep('another');
    for (const room of [one, two, other]) room.start();
    one.open(plan);
    expect(other.state.getState().running).toBeNull();
    for (let i = 0; i < 40; i++) {
      b.passes(700);
      (i % 3 ? one : two).look();
    }
    expect(ranSeconds(one)).toBeCloseTo(28, 3);
    expect(ranSeconds(two)).toBeCloseTo(28, 3);
    b.sets(-3_600_000);
    b.passes(2000);
    expect(ranSeconds(two)).toBeCloseTo(30, 3);
    expect(ranSeconds(one)).toBeCloseTo(30, 3);
    const ended = two.close();
    expect(ended!.ranMs / 1000).toBeCloseTo(30, 3);
    expect(one.state.getState().running).toBeNull();
    expect(b.kept.size).toBe(0);
  });

  it('stays over where another tab keeps it once more before it has heard of the end', () => {
    const b = browser();
    const there = b.tab();
    const first = there.keep();
    const second = b.tab().keep('st');
    first.start();
    second.start();
    first.open(plan);
    const { told } = there.own;
    there.own.told = () => {};
    b.passes(4000);
    expect(second.close()).not.toBeNull();
    first.look();
    expect(second.state.getState().running).toBeNull();
    expect([...b.kept.values()]).toEqual([]);
    there.own.told = told;
    told('pale-seam-open st');
    expect(first.state.getState().running).toBeNull();
  });

  it('counts a sleep while the page was out of sight, and lets it be taken for a clock that was set', () => {
    const b = browser();
    const { host, own } = b.tab();
    const room = keepCountdown('st', host, b.database);
    room.start();
    room.open(plan);
    b.passes(5000);
    own.away();
    // the page's clock stood still with the device
    b.sets(60_000);
    expect(ranSeconds(room)).toBeCloseTo(65, 3);
    room.turnLeap();
    expect(ranSeconds(room)).toBeCloseTo(5, 3);
  });

  it('counts a sleep that follows a look at the very moment of hiding, and a tick in the background (fault 136)', () => {
    const b = browser();
    const { own, keep } = b.tab();
    const room = keep();
    room.start();
    room.open(plan);
    b.passes(5000);
    own.isAway = true;
    own.away();
    // the screen looks at the same event, and its timer ticks once more before the device sleeps
    room.look();
    b.passes(900);
    room.look();
    b.sets(120_000);
    own.isAway = false;
    expect(ranSeconds(room)).toBeCloseTo(125.9, 3);
    // from then on the page is awake again: a clock that is set is no exposure
    b.sets(60_000);
    expect(ranSeconds(room)).toBeCloseTo(125.9, 3);
  });

  it('outlives a browser that is killed before it has written its shelf, and stays closed (fault 124)', async () => {
    const b = browser();
    const first = b.tab().keep();
    first.start();
    first.open(plan);
    b.kept.clear();
    b.passes(20_000);
    const found = jest.fn();
    const again = b.tab().keep();
    again.start(found);
    await new Promise(setImmediate);
    expect(ranSeconds(again)).toBeCloseTo(20, 3);
    expect(found).toHaveBeenCalledTimes(1);
    const shelf = new Map(b.kept);
    again.close();
    // what the shelf had is back, for its removal was not written
    for (const [key, value] of shelf) b.kept.set(key, value);
    const last = b.tab().keep();
    last.start();
    await new Promise(setImmediate);
    expect(last.state.getState().running).toBeNull();
    expect(b.kept.size).toBe(0);
  });

  it('asks about a clock that has gone on by years over a reload before it counts them (fault 135)', () => {
    const b = browser();
    const first = b.tab().keep();
    first.start();
    first.open(plan);
    b.passes(4000);
    first.look();
    b.sets(20 * 365 * 86_400_000);
    const again = b.tab().keep();
    again.start();
    expect(ranSeconds(again)).toBeCloseTo(4, 3);
    expect(again.state.getState().running?.leap).toMatchObject({ isCounted: false });
  });

  it('takes nothing up that is no countdown, and runs where nothing can be kept', () => {
    const b = browser();
    for (const text of [
      '{',
      'null',
      '[]',
      '{"plan":{"frames":[]}}',
      '{"plan":{"frames":[-1]},"begunMs":1}',
    ]) {
      b.kept.set('pale-seam-open st', text);
      const room = b.tab().keep('st');
      room.start();
      expect(room.state.getState().running).toBeNull();
    }
    const { host } = b.tab();
    const denied = () => {
      throw new Error('denied');
    };
    const shelf = { getItem: denied, setItem: denied, removeItem: denied };
    const refuses = async () => denied();
    const room = keepCountdown('st', { ...host, shelf }, { find: refuses, keep: refuses });
    room.start();
    room.open(plan);
    b.passes(4000);
    expect(ranSeconds(room)).toBeCloseTo(4, 3);
    expect(room.close()!.ranMs).toBeCloseTo(4000, 0);
  });
});
