import { createContext, useCallback, useContext, useMemo, useSyncExternalStore } from 'react';
import { useStore } from 'zustand';
import { useShallow } from 'zustand/react/shallow';
import { type Bag, type Derived, type NextReading, type Solved, type Stand } from '@/model';
import { type Answer, type CountdownState, type Source } from '@/store';
import { type Slip, spotNames, type SpotNames } from '@/words';
import { type Intake, type PhotoIntake, type Proposal } from '@/photos/intake';
import { type OpenStand } from './open-stand';
import { type Photo } from '@/photos/shown-photo';
import { type Session } from './session';

/** The stores of the stand that is open; they are the same for as long as it is. */
export const StandContext = createContext<OpenStand | null>(null);

/** The stores themselves: for handlers, which look when they are called. Who draws subscribes to what it draws. */
export function useOpenStand(): OpenStand {
  const open = useContext(StandContext);
  if (!open) throw new Error('no stand around this view');
  return open;
}

function useSource<T, S>(source: Source<T>, select: (state: T) => S): S {
  return useSyncExternalStore(
    useCallback((listener: () => void) => source.subscribe(listener), [source]),
    () => select(source.getState()),
  );
}

const itself = <T>(value: T): T => value;

/** Something of the stand as it is kept: what `select` gives must be a part of it, or no object. */
export const useStand = <T = Stand>(select: (stand: Stand) => T = itself as (stand: Stand) => T): T =>
  useSource(useOpenStand().shown.kept, (s) => select(s.value.stand));

export const useKept = (): OpenStand['kept'] => useOpenStand().kept;

export const useEdit = (): ((change: (stand: Stand) => Stand) => void) => useOpenStand().edit;

/** Something of what is worked out of the stand; the same rule as for `useStand`. */
export const useAnswer = <T>(select: (answer: Answer) => T): T =>
  useSource(useOpenStand().shown.answer, select);

export const useDerived = <T = Derived>(
  select: (derived: Derived) => T = itself as (derived: Derived) => T,
): T => useAnswer((a) => select(a.derived));

/** The stand as it is solved, the bag it is solved with, and what is worked out of it. */
export function useSolved(): Solved {
  const stand = useAnswer((a) => a.lit);
  const bag = useAnswer((a) => a.bag);
  const derived = useAnswer((a) => a.derived);
  return useMemo(() => ({ stand, bag, derived }), [stand, bag, derived]);
}

/** The names of readings, those that a shot has told of among them. */
export function useSpotNames(): SpotNames {
  const readings = useAnswer((a) => a.lit.readings);
  return useMemo(() => spotNames(readings), [readings]);
}

/** The bag that the stand is solved with. */
export const useStandBag = (): Bag => useAnswer((a) => a.bag);

/** Something of how the stand is being looked at and worked with; its actions never change. */
export const useSession = <T>(select: (session: Session) => T): T => useStore(useOpenStand().session, select);

/** How the frame is shown, and the ways to change it. */
export const useFrameLook = () =>
  useStore(
    useOpenStand().session,
    useShallow(({ isMonochrome, setMonochrome, marksClips, setMarksClips, showsGrid, setShowsGrid }) => ({
      isMonochrome,
      setMonochrome,
      marksClips,
      setMarksClips,
      showsGrid,
      setShowsGrid,
    })),
  );

/** What to do now, as the screen says it everywhere. */
export const useSlip = (): Slip => useSource(useOpenStand().shown.slip, itself<Slip>);

/** The reading that would help most now; null where none would. */
export const useNextReading = (): NextReading | null =>
  useSource(useOpenStand().next, itself<NextReading | null>);

/** Something of the exposure that is being made; null while none is. */
export const useCountdown = <T>(select: (state: CountdownState) => T): T =>
  useStore(useOpenStand().countdown.state, select);

/** The minute that it is, ms since the epoch. */
export const useMinute = <T = number>(
  select: (minuteMs: number) => T = itself as (minuteMs: number) => T,
): T => useSource(useOpenStand().minute, select);

export const usePhoto = <T>(select: (photo: Photo) => T): T => useStore(useOpenStand().photo.state, select);

/** Something of the pictures on their way into the frame. */
export const useIntake = <T>(select: (intake: Intake) => T): T =>
  useStore(useOpenStand().intake.state, select);

export const usePhotoIntake = (): PhotoIntake => useOpenStand().intake;

/** The skyline that was found in the picture that the stand has; null where none was, or it was used or left. */
export function useProposal(): Proposal | null {
  const sha256 = useStand((s) => s.picture?.sha256);
  return useIntake((i) => (i.proposal?.sha256 === sha256 ? i.proposal : null));
}
