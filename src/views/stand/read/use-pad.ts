import { useState } from 'react';
import { exactAperture, exactIso, type Mark, shutterMarksRound } from '@/core/units';
import {
  guessSeconds,
  lastReading,
  lastSpot,
  meteredEv,
  type MeteredLight,
  type ReadRole,
  secondsForEv,
  type Stand,
} from '@/model';
import { capital, spotNames } from '@/words';
import { useSession, useStand } from '../session';
import { useMeter } from './use-meter';
import { useUsualLand } from './use-usual-land';

/** Marks that the pad offers. */
const MARKS = 7;

/** The reading that the pad corrects or reads again, and the mark round which it does. */
interface Correcting {
  /** Its id; the whole scene's reading is none of a spot. */
  readonly id: string;
  readonly roundSeconds: number;
}

/**
 * The marks of the pad and what a tap on them does: seven a whole stop apart round a guess; after the first tap thirds round
 * the mark that was tapped, to correct the reading that it made. A place tapped on the frame asks for a new reading.
 */
export function usePad() {
  const stand = useStand();
  const draft = useSession((s) => s.draft);
  const setDraft = useSession((s) => s.setDraft);
  const select = useSession((s) => s.select);
  const meter = useMeter();
  const { aperture, iso } = meter;
  const usualLand = useUsualLand();
  const [corrected, setCorrecting] = useState<Correcting | null>(null);
  /** How far the marks are moved from where they would be, thirds of a stop towards shorter times. */
  const [shift, setShift] = useState(0);

  const { role, place, limit, again } = draft;
  const secondsFor = (ev: number) =>
    secondsForEv(ev, { aperture: exactAperture(aperture), iso: exactIso(iso) });
  const repeated = stand.readings.find((r) => r.id === again);
  const correcting = repeated
    ? { id: repeated.id, roundSeconds: secondsFor(meteredEv(repeated)) }
    : place || limit
      ? null
      : corrected;
  const own = correctedLight(stand, role, correcting);
  const guess = guessSeconds(
    role,
    stand,
    { aperture: exactAperture(aperture), iso: exactIso(iso) },
    usualLand,
  );
  const thirds = own ? 1 : 3;
  const centre = own && correcting ? correcting.roundSeconds : guess;
  const marks = shutterMarksRound(centre * 2 ** (-shift / 3), thirds, MARKS);
  const target = own ? secondsFor(meteredEv(own)) : guess;
  const awayOf = (mark: Mark) => Math.abs(Math.log2(mark.exact / target));
  const nearest = marks.reduce((best, mark) => (awayOf(mark) < awayOf(best) ? mark : best));

  return {
    meter,
    role,
    place,
    marks,
    /** The mark of the reading that is corrected, or of the guess; none while the marks are moved away from it. */
    chosen: shift === 0 || awayOf(nearest) <= thirds / 6 ? nearest : null,
    isCorrecting: own !== undefined,
    /** The reading whose spot is read again. */
    again,
    againName: again && capital(spotNames(stand.readings)(again)),
    turnTo(next: ReadRole) {
      setDraft({ role: next, place: next === 'scene' ? null : place, again: null });
      const before = lastReading(stand, next);
      const id = next === 'scene' ? SCENE : lastSpot(stand, next)?.id;
      setCorrecting(
        before?.shutter === undefined || id === undefined
          ? null
          : { id, roundSeconds: secondsFor(meteredEv(before)) },
      );
      setShift(0);
      select(null);
    },
    enter(shutter: string | number, seconds: number) {
      const id = meter.take({ aperture, iso, shutter }, own && correcting ? correcting.id : null);
      if (own && !again) return;
      setCorrecting({ id, roundSeconds: seconds });
      setShift(0);
    },
    /** Moves on to the marks next to those that are shown. */
    move: (way: 1 | -1) => setShift(shift + way * thirds * (MARKS - 1)),
    /** The next tap takes a new reading beside the one that is there. */
    readFurther: () => setCorrecting(null),
    withoutPlace: () => setDraft({ place: null }),
    notAgain: () => setDraft({ again: null }),
  };
}

/** Stands for the id of the whole scene's reading. */
const SCENE = 'scene';

/** What was read of the thing that the pad is at, where it is to be corrected. */
function correctedLight(
  { readings, wholeScene }: Stand,
  role: ReadRole,
  correcting: Correcting | null,
): MeteredLight | undefined {
  if (!correcting) return undefined;
  return role === 'scene' ? wholeScene : readings.find((r) => r.id === correcting.id && r.role === role);
}
