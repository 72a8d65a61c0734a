import { type StoreApi } from 'zustand/vanilla';
import {
  type NewId,
  nextReading,
  type NextReading,
  oldestReadingMinutes,
  type Stand,
  type StandDocument,
  withStand,
} from '@/model';
import {
  type DocumentStore,
  derivedStore,
  keepAnswer,
  keepAnswers,
  type KeptAnswer,
  minuteClock,
  type Source,
  steady,
  type Workspace,
} from '@/store';
import { type Slip, slipOf } from '@/words';
import { type Clients } from '../../workspace/workspace-context';
import { createIntake, type PhotoIntake } from '@/photos/intake';
import { type ShownPhoto, shownPhoto } from '@/photos/shown-photo';
import { createSession, type Session } from './session';

/** Everything about the stand that is open: what is kept, what is worked out of it, and how it is being worked with. */
export interface OpenStand {
  readonly kept: DocumentStore<StandDocument>;
  readonly edit: (change: (stand: Stand) => Stand) => void;
  /** The source of ids for what is made here. */
  readonly newId: NewId;
  readonly answer: KeptAnswer;
  readonly slip: Source<Slip>;
  /** The reading that would help most now; null outside the step that reads, and where none would. */
  readonly next: Source<NextReading | null>;
  readonly minute: Source<number>;
  readonly session: StoreApi<Session>;
  readonly photo: ShownPhoto;
  readonly intake: PhotoIntake;
  /** Sets to work what goes on beside the screen; ends with what it returns. */
  start(): () => void;
}

export interface StandToOpen {
  readonly kept: DocumentStore<StandDocument>;
  readonly workspace: Pick<Workspace, 'bag' | 'newId' | 'findPhoto' | 'keepPhoto'>;
  readonly clients: Clients;
  readonly nowMs: () => number;
}

/** Opens a stand: nothing runs before it is started. */
export function openStand({ kept, workspace, clients, nowMs }: StandToOpen): OpenStand {
  const { readings } = kept.state.getState().value.stand;
  const session = createSession(readings.length ? 'balance' : 'read');
  const isReading = derivedStore([session], (s) => s.step === 'read');
  const minute = minuteClock(nowMs);
  const bag = workspace.bag.state;
  const answer = keepAnswer({
    kept: kept.state,
    bag,
    carries: derivedStore([session], (s) => s.carries),
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
  return {
    kept,
    edit,
    newId: workspace.newId,
    answer,
    slip: derivedStore(
      [kept.state, answer, minute],
      steady(({ value: { stand } }, { derived, search, carry, bag: solvedWith }, now) =>
        slipOf({
          stand,
          bag: solvedWith,
          derived,
          search,
          carry,
          oldestMinutes: oldestReadingMinutes(stand, now),
        }),
      ),
    ),
    next: derivedStore(
      [kept.state, answer, minute, isReading],
      ({ value: { stand } }, { derived, study }, now, reads) =>
        reads ? nextReading(stand, derived, study, now) : null,
    ),
    minute,
    session,
    photo,
    intake,
    start: () => {
      const ends = [answer.start(), photo.start(), intake.dispose];
      return () => ends.forEach((end) => end());
    },
  };
}
