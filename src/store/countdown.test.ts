import { phaseOf } from '@/model';
import { type CountdownHost, keepCountdown } from './countdown';

const plan = { frames: [128], delaySeconds: 0, pauseSeconds: 3, hasDarkFrame: false };

/** A browser of a few tabs: one device's clock and shelf, a page's clock and sight for each tab. */
function browser() {
  const kept = new Map<string, string>();
  const tabs: { told: (key: string) => void; away: () => void; pageMs: number }[] = [];
  let wallMs = 1_800_000_000_000;
  const tab = () => {
    const own = { told: (_: string) => {}, away: () => {}, pageMs: 100 * tabs.length };
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
      onOtherTab: (listener) => {
        own.told = listener;
        return () => (own.told = () => {});
      },
    };
    return { host, own };
  };
  return {
    kept,
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
    const first = keepCountdown('st', b.tab().host);
    first.start();
    first.open(plan);
    b.passes(10_000);
    first.look();
    b.passes(20_000);
    const again = keepCountdown('st', b.tab().host);
    again.start();
    expect(ranSeconds(again)).toBeCloseTo(30, 3);
    expect(phaseOf(again.state.getState().running!)).toMatchObject({ leftSeconds: 98 });
  });

  it('is the same in a second tab on the stand, whichever is looked at, and ends in both', () => {
    const b = browser();
    const [one, two] = [keepCountdown('st', b.tab().host), keepCountdown('st', b.tab().host)];
    const other = keepCountdown('another', b.tab().host);
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
    const first = keepCountdown('st', there.host);
    const second = keepCountdown('st', b.tab().host);
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
    const room = keepCountdown('st', host);
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
      const room = keepCountdown('st', b.tab().host);
      room.start();
      expect(room.state.getState().running).toBeNull();
    }
    const { host } = b.tab();
    const refuses = () => {
      throw new Error('denied');
    };
    const shelf = { getItem: refuses, setItem: refuses, removeItem: refuses };
    const room = keepCountdown('st', { ...host, shelf });
    room.start();
    room.open(plan);
    b.passes(4000);
    expect(ranSeconds(room)).toBeCloseTo(4, 3);
    expect(room.close()!.ranMs).toBeCloseTo(4000, 0);
  });
});
