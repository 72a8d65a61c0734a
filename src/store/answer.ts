import {
  type Bag,
  bagAtLens,
  bagForStand,
  type Carry,
  carriedStand,
  carryOf,
  type Derived,
  deriveStand,
  type Evidence,
  evidenceOf,
  isKeptBack,
  litBy,
  prepareStand,
  type Prepared,
  type School,
  type Solution,
  solutionKey,
  type Stand,
  type StandDocument,
  type Study,
} from '@/model';
import { type Answers, type AnswersState } from './answers';
import { derivedStore, remembered, type Source } from './derived-store';

/** All that is worked out of a stand: derived at once, and what the workers have found. */
export interface Answer {
  /** The bag that the stand is solved with. */
  readonly bag: Bag;
  /** The stand as it is solved: with what its shots have shown, and its readings carried to now. */
  readonly lit: Stand;
  /** What its shots say of the light. */
  readonly shown: Evidence;
  /** What carries its readings to now, which everything here is worked out with; null where nothing does. */
  readonly carry: Carry | null;
  readonly ready: Prepared;
  readonly derived: Derived;
  readonly search: AnswersState<unknown>['work'];
  /** How much of a search that takes its time is done, 0 to 1. */
  readonly progress: number | null;
  /** What is worked out beside the plan; null while it does not belong to the stand as it is. */
  readonly study: Study | null;
}

export interface AnswerSources {
  readonly kept: Source<{ readonly value: StandDocument }>;
  /** The workspace's bag. */
  readonly bag: Source<{ readonly value: Bag }>;
  /** Whether readings are carried where their light's fall is known. */
  readonly carries: Source<boolean>;
  /** How glass is called in what is shown: gives a bag that differs in names alone. */
  readonly dress: Source<(bag: Bag) => Bag>;
  readonly minute: Source<number>;
  readonly solver: Answers<Solution>;
  readonly studies: Answers<Study>;
}

export interface KeptAnswer extends Source<Answer> {
  /** Asks the workers for what they can find, again whenever it has to be found anew; ends with what it returns. */
  start(): () => void;
}

/** Keeps a stand's answer up to date for as long as the stand is open. */
export function keepAnswer(sources: AnswerSources): KeptAnswer {
  const { solver, studies } = sources;
  const bagOf = remembered((brought: StandDocument['bag'], used: StandDocument['used'], own: Bag) =>
    bagForStand({ bag: brought, used }, own),
  );
  const carried = remembered((stand: Stand, bag: Bag, minute: number) => carryOf(stand, bag, minute));
  const evidence = remembered(evidenceOf);
  const shown = remembered(litBy);
  const lit = remembered(carriedStand);
  /** Stand and bag as they are solved: they change with what is kept, and with the minute where the light is carried. */
  const asked = derivedStore(
    [sources.kept, sources.bag, sources.carries, sources.minute, sources.dress],
    ({ value: { stand, bag: brought, used } }, own, carries, minute, dress) => {
      const bag = dress(bagAtLens(stand, bagOf(brought, used, own.value)));
      const carry = carries ? carried(stand, bag, minute) : null;
      const told = evidence(stand, bag);
      return { lit: lit(shown(stand, told), carry), shown: told, bag, carry };
    },
  );
  const prepared = keyed(prepareStand);
  const heldBy = lastAdvice();
  const derivedOf = remembered(deriveStand);
  const answer = derivedStore(
    [asked, solver.state, studies.state],
    ({ lit, shown: told, bag, carry }, { answer: solution, work, progress }, { answer: study }): Answer => {
      const key = solutionKey(lit, bag);
      const ready = prepared(key, lit, bag);
      const advice = heldBy(solution, lit.look.school);
      const derived = derivedOf(lit, bag, solution, ready, advice.held);
      advice.now = derived.plan?.filterIds ?? null;
      return {
        bag,
        lit,
        shown: told,
        carry,
        ready,
        derived,
        search: work,
        progress,
        study: study?.key === key ? study : null,
      };
    },
  );
  const ask = () => {
    const { lit, bag } = asked.getState();
    if (isKeptBack(lit)) return;
    solver.ask(lit, bag);
    // what stands beside the plan waits for the search itself
    const { stale, prepared: light } = answer.getState().derived;
    if (!stale && light) studies.ask(lit, bag);
  };
  return {
    ...answer,
    start: () => {
      ask();
      const end = answer.subscribe(ask);
      return () => {
        end();
        solver.dispose();
        studies.dispose();
      };
    },
  };
}

/** The glass that one answer of the search advises, and that was advised before it. */
interface Advice {
  readonly key: string | undefined;
  readonly school: School;
  readonly held: readonly string[] | null;
  now: readonly string[] | null;
}

/** Keeps what is advised from one answer of the search to the next, under the same look. */
function lastAdvice(): (solution: Solution | null, school: School) => Advice {
  let last: Advice | null = null;
  return (solution, school) => {
    if (!last || last.key !== solution?.key)
      last = { key: solution?.key, school, held: last?.school === school ? last.now : null, now: null };
    return last;
  };
}

/** A function of a stand and a bag that gives what it gave before for as long as their key is the same. */
function keyed<T>(work: (stand: Stand, bag: Bag) => T): (key: string, ...args: Parameters<typeof work>) => T {
  let last: { readonly key: string; readonly value: T } | null = null;
  return (key, stand, bag) => {
    if (last?.key !== key) last = { key, value: work(stand, bag) };
    return last.value;
  };
}
