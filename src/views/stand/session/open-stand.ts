import { type StoreApi } from 'zustand/vanilla';
import {
  type Bag,
  type NewId,
  nextReading,
  type NextReading,
  oldestReadingMinutes,
  type Stand,
  type StandDocument,
  USUAL_ANGLE_DEG,
  withStand,
} from '@/model';
import { type Truth, truthOf } from '@/model/bench';
import {
  type Answer,
  browserHost,
  type DocumentStore,
  derivedStore,
  eased,
  keepAnswer,
  keepAnswers,
  keepCountdown,
  type KeptCountdown,
  type KeptAnswer,
  minuteClock,
  type Source,
  remembered,
  steady,
  type Workspace,
  preferences,
} from '@/store';
import { bagAs, type Slip, slipOf, type StrengthsAs } from '@/words';
import { type Clients } from '../../shared/workspace-context';
import { createIntake, type PhotoIntake } from '@/photos/intake';
import { type ShownPhoto, shownPhoto } from '@/photos/shown-photo';
import { createSession, type Session } from './session';

/** What of a stand is drawn. */
export interface Shown {
  readonly kept: Source<{ readonly value: StandDocument }>;
  readonly answer: Source<Answer>;
  /** What to do now, as the screen says it everywhere. */
  readonly slip: Source<Slip>;
}

/** Everything about the stand that is open: what is kept, what is worked out of it, and how it is being worked with. */
export interface OpenStand {
  readonly kept: DocumentStore<StandDocument>;
  readonly edit: (change: (stand: Stand) => Stand) => void;
  /** The workspace's bag as it is now. */
  readonly ownBag: () => Bag;
  /** The source of ids for what is made here. */
  readonly newId: NewId;
  readonly answer: KeptAnswer;
  /** The light that really is, on the bench; null at any other stand. */
  readonly truth: () => Truth | null;
  readonly shown: Shown;
  /** The same for what may lag behind a drag. */
  readonly atEase: Shown;
  /** The reading that would help most now; null outside the step that reads, and where none would. */
  readonly next: Source<NextReading | null>;
  readonly minute: Source<number>;
  /** The exposure that is being made. */
  readonly countdown: KeptCountdown;
  readonly session: StoreApi<Session>;
  readonly photo: ShownPhoto;
  readonly intake: PhotoIntake;
  /** Sets to work what goes on beside the screen; ends with what it returns. */
  start(): () => void;
}

export interface StandToOpen {
  readonly kept: DocumentStore<StandDocument>;
  readonly workspace: Pick<Workspace, 'bag' | 'newId' | 'findPhoto' | 'keepPhoto' | 'countdowns'>;
  readonly clients: Clients;
  readonly nowMs: () => number;
}

/** What lags behind a drag is drawn anew this often, ms. */
const EASE_MS = 120;

/** The same function for the same notation, so that nothing is worked out anew. */
const dressAs = remembered((as: StrengthsAs) => (bag: Bag) => bagAs(bag, as));

/** Opens a stand: nothing runs before it is started. */
export function openStand({ kept, workspace, clients, nowMs }: StandToOpen): OpenStand {
  const { id, readings, bench } = kept.state.getState().value.stand;
  const session = createSession(readings.length ? 'balance' : 'read', bench ? USUAL_ANGLE_DEG : null);
  const truth = remembered(truthOf);
  const isReading = derivedStore([session], (s) => s.step === 'read');
  const isChecking = derivedStore([session], (s) => s.step === 'check');
  const minute = minuteClock(nowMs);
  const bag = workspace.bag.state;
  const answer = keepAnswer({
    kept: kept.state,
    bag,
    carries: derivedStore([session], (s) => s.carries),
    dress: derivedStore([preferences], ({ strengthsAs }) => dressAs(strengthsAs)),
    minute,
    solver: keepAnswers(clients.solve()),
    studies: keepAnswers(clients.study()),
  });
  const edit = (change: (stand: Stand) => Stand) =>
    kept.edit((current) => withStand(current, change(current.stand), bag.getState().value));
  const intake = createIntake({
    shelf: workspace,
    edit,
    reader: clients.picture(),
    finder: clients.skyline(),
  });
  const photo = shownPhoto(kept.state, workspace);
  const countdown = keepCountdown(id, browserHost, workspace.countdowns);
  const slip = derivedStore(
    [answer, minute, preferences, isChecking],
    steady(({ lit, derived, search, carry, bag: solvedWith }, now, { seatBy }, checks) =>
      slipOf({
        stand: lit,
        bag: solvedWith,
        derived,
        search,
        carry,
        seatBy,
        isBesideShot: checks && !!lit.takes?.length,
        oldestMinutes: oldestReadingMinutes(lit, now),
      }),
    ),
  );
  const shown: Shown = { kept: kept.state, answer, slip };
  return {
    kept,
    edit,
    ownBag: () => bag.getState().value,
    newId: workspace.newId,
    answer,
    truth: () => truth(kept.state.getState().value.stand, answer.getState().bag),
    shown,
    atEase: eased({ ...shown }, { isHasty: () => kept.isInGesture(), waitMs: EASE_MS }),
    next: derivedStore(
      [kept.state, answer, minute, isReading],
      ({ value: { stand } }, { derived, study }, now, reads) =>
        reads ? nextReading(stand, derived, study, now) : null,
    ),
    minute,
    countdown,
    session,
    photo,
    intake,
    start: () => {
      // who comes back to a shutter that is open wants to close it, and goes on from there
      const toShutter = () => session.getState().setStep('expose');
      const ends = [answer.start(), photo.start(), countdown.start(toShutter), intake.dispose];
      if (countdown.state.getState().running) toShutter();
      return () => ends.forEach((end) => end());
    },
  };
}
