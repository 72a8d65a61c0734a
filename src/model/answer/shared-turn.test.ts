import {
  type Bag,
  deriveStand,
  polariserOn,
  prepareStand,
  sharedTurns,
  solveStand,
  type Stand,
} from '@/model';
import { bagWithNds, testStand } from '@/testing/fixtures';

const bag = bagWithNds();
const polariser = bag.filters.find((f) => f.kind === 'polariser')!;
const withSits = (sits: 'slot' | 'thread'): Bag => ({
  ...bag,
  slots: 3,
  filters: bag.filters.map((f) => (f.id === polariser.id ? { ...f, sits } : f)),
});

/** A stand whose skyline falls to the right, the sun low at the left. */
const stand = (change: Partial<Stand> = {}): Stand => {
  const own = testStand();
  return {
    ...own,
    skyline: [
      { u: 0, v: 0.35 },
      { u: 1, v: 0.55 },
    ],
    fitted: [{ filterId: polariser.id }],
    look: { ...own.look, sunAzimuthDeg: 300, viewAzimuthDeg: 20, sunAltitudeDeg: 25 },
    ...change,
  };
};

function turnsOf(own: Stand, ownBag: Bag) {
  const prepared = prepareStand(own, ownBag);
  const { inUse } = deriveStand(own, ownBag, solveStand(own, ownBag), prepared);
  return { shared: sharedTurns(own, ownBag, prepared, inUse!), seat: inUse!.seat! };
}

describe('the turn that a grad and a square polariser share', () => {
  it('has what each loses, the best of each at nothing, and between them the least together', () => {
    const { shared, seat } = turnsOf(stand(), withSits('slot'));
    const { turns, grad, polariser: sky, between } = shared!;
    expect(turns.length).toBeGreaterThan(20);
    expect(grad.misfitStops).toBe(0);
    expect(sky.paleStops).toBe(0);
    const together = (t: typeof between) => t.misfitStops ** 2 + t.paleStops ** 2;
    expect(together(between)).toBe(Math.min(...turns.map(together)));
    const [from, to] = [grad.turnDeg, sky.turnDeg].toSorted((a, b) => a - b);
    expect(between.turnDeg).toBeGreaterThanOrEqual(from!);
    expect(between.turnDeg).toBeLessThanOrEqual(to!);
    // the line's own turn is where the search put it
    expect(Math.abs(grad.turnDeg - seat.turnDeg)).toBeLessThanOrEqual(6);
    // the sky is darkest where a polariser by itself would be turned to, as far as a holder turns
    const axis = polariserOn(stand(), withSits('slot'))!.darkestAxisDeg;
    const off = (deg: number) => Math.abs(((((deg - axis) % 180) + 270) % 180) - 90);
    const nearest = Math.min(...turns.map((t) => off(t.turnDeg)));
    expect(off(sky.turnDeg)).toBeLessThanOrEqual(nearest + 3);
  });

  it('goes by how the polariser was turned in its holder', () => {
    const axis = polariserOn(stand(), withSits('slot'))!.darkestAxisDeg;
    const { seat } = turnsOf(stand(), withSits('slot'));
    // set to the darkest at the turn that the holder has: then that is its best turn
    const set = stand({ fitted: [{ filterId: polariser.id, axisDeg: axis }] });
    const { shared } = turnsOf({ ...set, choice: { filterIds: ['hard-2'], ...seat } }, withSits('slot'));
    expect(Math.abs(shared!.polariser.turnDeg - seat.turnDeg)).toBeLessThanOrEqual(3);
  });

  it('is no question for a round one, nor where the sun is not known', () => {
    expect(turnsOf(stand(), withSits('thread')).shared).toBeNull();
    const { sunAzimuthDeg: _, ...look } = stand().look;
    expect(turnsOf(stand({ look }), withSits('slot')).shared).toBeNull();
  });
});
