import { useMemo, useState } from 'react';
import { type Bag, type Carry, carriedStand, carryOf, type Stand } from '@/model';
import { useNow } from './use-now';

const MINUTE_MS = 60_000;

/** The stand with its readings carried to this minute, where their light's fall is known and carrying is wanted. */
export function useCarry(
  stand: Stand,
  bag: Bag,
): {
  lit: Stand;
  /** The minute that it is carried to, ms since the epoch. */
  minute: number;
  carry: Carry | null;
  carries: boolean;
  setCarries: (on: boolean) => void;
} {
  const [carries, setCarries] = useState(true);
  const minute = Math.floor(useNow() / MINUTE_MS) * MINUTE_MS;
  const carry = useMemo(() => (carries ? carryOf(stand, bag, minute) : null), [carries, stand, bag, minute]);
  const lit = useMemo(() => carriedStand(stand, carry), [stand, carry]);
  return { lit, minute, carry, carries, setCarries };
}
