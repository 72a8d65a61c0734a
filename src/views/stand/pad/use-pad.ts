import { useState } from 'react';
import { exactAperture, exactIso } from '@/core/units';
import {
  guessSeconds,
  lastReading,
  lastSpot,
  meteredEv,
  type PhotoExposure,
  type MeteredLight,
  type ReadRole,
  secondsForEv,
  type Stand,
  throughLight,
} from '@/model';
import { capital } from '@/words';
import { useDerived, useSession, useSpotNames, useStand } from '../session';
import { MARKS, marksFor } from './pad-marks';
import { useMeter } from './use-meter';
import { useUsualLand } from './use-usual-land';

type Take = (shown: PhotoExposure, again: string | null) => string;

const NO_SPOT = { place: null, limit: false, again: null } as const;

/** The reading that the pad corrects or reads again, and the mark round which it does. */
interface Correcting {
  /** Its id; the whole scene's reading is none of a spot. */
  readonly id: string;
  readonly roundSeconds: number;
}

/**
 * The marks of the pad and what a tap on them does: seven a whole stop apart round a guess; after the first tap thirds round
 * the mark that was tapped, to correct the reading that it made. A place tapped on the frame asks for a new reading.
 *
 * @param only what is read here, whatever is being entered elsewhere
 * @param takes what takes the reading, where that is not the meter; it gives the id that the reading has
 */
export function usePad(only?: ReadRole, takes?: Take) {
  const stand = useStand();
  const named = useSpotNames();
  const draft = useSession((s) => s.draft);
  const setDraft = useSession((s) => s.setDraft);
  const select = useSession((s) => s.select);
  const role = only ?? draft.role;
  const meter = useMeter(role);
  const { aperture, iso } = meter;
  const [corrected, setCorrecting] = useState<Correcting | null>(null);
  /** How far the marks are moved from where they would be, thirds of a stop towards shorter times. */
  const [shift, setShift] = useState(0);

  const { place, limit, again } = only ? NO_SPOT : draft;
  const settings = { aperture: exactAperture(aperture), iso: exactIso(iso) };
  const secondsFor = (ev: number) => secondsForEv(ev, settings);
  const guess = useGuess(role, settings);
  const repeated = stand.readings.find((r) => r.id === again);
  const asCorrected = place || limit ? null : corrected;
  const correcting = repeated
    ? { id: repeated.id, roundSeconds: secondsFor(meteredEv(repeated)) }
    : asCorrected;
  const own = correctedLight(stand, role, correcting);
  const ownSeconds = own ? secondsFor(meteredEv(own)) : null;
  const { marks, chosen } = marksRound(ownSeconds, correcting?.roundSeconds ?? guess, guess, shift);

  return {
    meter,
    role,
    place,
    marks,
    /** The mark of the reading that is corrected, or of the guess; none while the marks are moved away from it. */
    chosen,
    isCorrecting: own !== undefined,
    /** The reading whose spot is read again. */
    again,
    againName: again && capital(named(again)),
    turnTo(next: ReadRole) {
      setDraft({ role: next, place: next === 'through' ? null : place, again: null });
      setCorrecting(correctingLast(stand, next, secondsFor));
      setShift(0);
      select(null);
    },
    enter(shutter: string | number, seconds: number) {
      const take = takes ?? meter.take;
      const id = take({ aperture, iso, shutter }, own && correcting ? correcting.id : null);
      if (own && !again) return;
      setCorrecting({ id, roundSeconds: seconds });
      setShift(0);
    },
    /** Moves on to the marks next to those that are shown. */
    move: (way: 1 | -1) => setShift(shift + way * (own ? 1 : 3) * (MARKS - 1)),
    /** The next tap takes a new reading beside the one that is there. */
    readFurther: () => setCorrecting(null),
    withoutPlace: () => setDraft({ place: null }),
    notAgain: () => setDraft({ again: null }),
  };
}

/** Thirds round what is corrected, so that its own time can be chosen among them; else whole stops round a guess. */
const marksRound = (ownSeconds: number | null, roundSeconds: number, guess: number, shift: number) =>
  ownSeconds === null
    ? marksFor({ roundSeconds: guess, targetSeconds: guess, thirds: 3, shift })
    : marksFor({ roundSeconds, targetSeconds: ownSeconds, thirds: 1, shift });

/** The last reading of a role, to be corrected; null where there is none that was read by a mark. */
function correctingLast(stand: Stand, role: ReadRole, secondsFor: (ev: number) => number): Correcting | null {
  const before = lastReading(stand, role);
  const id = role === 'through' ? THROUGH : lastSpot(stand, role)?.id;
  return before?.shutter === undefined || id === undefined
    ? null
    : { id, roundSeconds: secondsFor(meteredEv(before)) };
}

/** Stands for the id of the whole scene's reading. */
const THROUGH = 'through';

/** What was read of the thing that the pad is at, where it is to be corrected. */
function correctedLight(
  stand: Stand,
  role: ReadRole,
  correcting: Correcting | null,
): MeteredLight | undefined {
  if (!correcting) return undefined;
  return role === 'through'
    ? throughLight(stand)
    : stand.readings.find((r) => r.id === correcting.id && r.role === role);
}

/** The time that a meter at these settings may well show, s; behind all that is on the lens a camera shows a longer one. */
function useGuess(role: ReadRole, settings: Parameters<typeof guessSeconds>[2]): number {
  const stand = useStand();
  const { through, prepared } = useDerived();
  const bare = guessSeconds(role, stand, settings, useUsualLand());
  return role === 'through' ? (through?.seconds ?? bare * 2 ** prepared.fitted.stops) : bare;
}

export type PadState = ReturnType<typeof usePad>;
