import { type Bag, deriveStand, type Reading, solveStand, type Stand, warningsOf } from '@/model';
import { slipOf, warningText } from '@/words';
import { testStand } from './fixtures';

export const SKY: Reading = { id: 'r1', role: 'sky', u: 0.4, v: 0.2, ev100: 15 };
export const LAND: Reading = { id: 'r2', role: 'land', u: 0.5, v: 0.75, ev100: 10 };

/** A sky and a land of so much light, EV at ISO 100. */
export const lit = (skyEv: number, landEv: number): Reading[] => [
  { ...SKY, ev100: skyEv },
  { ...LAND, ev100: landEv },
];

/** A sky five stops over its land, of which four are to be taken. */
export const BRIGHT = testStand({ readings: [SKY, LAND] });

/** What is said of a stand: its glass with all that stands beside it, its exposure, and its warnings. */
export function answer(stand: Stand, bag: Bag) {
  const derived = deriveStand(stand, bag, solveStand(stand, bag));
  const slip = slipOf({ stand, derived, search: 'idle', oldestMinutes: null });
  const warnings = derived.inUse ? warningsOf(stand, bag, derived, derived.inUse) : [];
  return {
    derived,
    glass: [slip.lead, slip.rows[0].main, slip.rows[0].aside].filter(Boolean).join(' | '),
    seat: [slip.rows[1].main, slip.rows[1].aside].filter(Boolean).join(' | '),
    expose: slip.rows[2].main,
    warned: warnings.map((w) => warningText(w, stand.readings)),
  };
}
