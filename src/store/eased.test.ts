import fc from 'fast-check';
import { createStore } from 'zustand/vanilla';
import { derivedStore } from './derived-store';
import { eased } from './eased';

const WAIT_MS = 100;

/** A store, what is derived from it, and both at their ease. */
function easedPair() {
  const gesture = { isOn: false };
  const count = createStore(() => 0);
  const doubled = derivedStore([count], (n) => 2 * n);
  const both = eased({ count, doubled }, { isHasty: () => gesture.isOn, waitMs: WAIT_MS });
  const told: number[] = [];
  const end = both.count.subscribe(() => told.push(both.count.getState()));
  return { gesture, count, both, told, end };
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

describe('what may lag behind a drag', () => {
  it('tells of every change at once while no gesture goes on', () => {
    const { count, told } = easedPair();
    [1, 2, 3].forEach((n) => count.setState(n, true));
    expect(told).toEqual([1, 2, 3]);
  });

  it('tells in a gesture of the first change, and then now and then of the last', () => {
    const { gesture, count, both, told } = easedPair();
    gesture.isOn = true;
    for (let n = 1; n <= 30; n++) {
      count.setState(n, true);
      jest.advanceTimersByTime(10);
    }
    expect(told[0]).toBe(1);
    expect(told.length).toBeLessThanOrEqual(5);
    jest.advanceTimersByTime(2 * WAIT_MS);
    expect(told.at(-1)).toBe(30);
    expect(both.count.getState()).toBe(30);
  });

  it('tells of the end of a gesture at once', () => {
    const { gesture, count, told } = easedPair();
    gesture.isOn = true;
    [1, 2, 3].forEach((n) => count.setState(n, true));
    expect(told).toEqual([1]);
    gesture.isOn = false;
    count.setState(4, true);
    expect(told.at(-1)).toBe(4);
  });

  it('leaves no watch and no timer behind', () => {
    const { gesture, count, both, told, end } = easedPair();
    gesture.isOn = true;
    [1, 2].forEach((n) => count.setState(n, true));
    end();
    expect(jest.getTimerCount()).toBe(0);
    expect(both.count.getState()).toBe(2);
    count.setState(3, true);
    expect(told).toEqual([1]);
  });

  it('is never newer in one part than in another, and comes to the last state', () => {
    fc.assert(
      fc.property(
        fc.array(fc.oneof(fc.constant('gesture' as const), fc.constant('change' as const), fc.nat(150))),
        (deeds) => {
          const { gesture, count, both } = easedPair();
          for (const deed of deeds) {
            if (deed === 'gesture') gesture.isOn = !gesture.isOn;
            else if (deed === 'change') count.setState((n) => n + 1, true);
            else jest.advanceTimersByTime(deed);
            expect(both.doubled.getState()).toBe(2 * both.count.getState());
          }
          jest.advanceTimersByTime(2 * WAIT_MS);
          expect(both.count.getState()).toBe(count.getState());
        },
      ),
    );
  });
});
