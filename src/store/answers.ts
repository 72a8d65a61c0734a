import { createStore, type StoreApi } from 'zustand/vanilla';
import { type Bag, solutionKey, type Stand } from '@/model';
import { type JobKind, type Jobs, type WorkerClient } from '@/workers';

export interface AnswersState<A> {
  /** The newest answer; it may belong to a stand that has changed since (its key tells). */
  readonly answer: A | null;
  readonly work: 'idle' | 'working' | 'failed';
  /** How much is done, 0 to 1, of work that takes its time; null until it tells. */
  readonly progress: number | null;
}

export interface Answers<A> {
  readonly state: StoreApi<AnswersState<A>>;
  /** Sees to it that the answer for this stand is there, now or soon. */
  ask(stand: Stand, bag: Bag): void;
  dispose(): void;
}

/** Keeps a stand's answer of one kind up to date: asks when what it depends on has changed, and drops late answers. */
export function keepAnswers<K extends JobKind>(client: WorkerClient<K>): Answers<Jobs[K]['output']> {
  const state = createStore<AnswersState<Jobs[K]['output']>>()(() => ({
    answer: null,
    work: 'idle',
    progress: null,
  }));
  let asked = '';
  return {
    state,
    ask(stand, bag) {
      const key = solutionKey(stand, bag);
      if (key === asked) return;
      asked = key;
      state.setState({ work: 'working', progress: null });
      const onProgress = (progress: number) => {
        if (asked === key) state.setState({ progress });
      };
      const onInterim = (answer: Jobs[K]['output']) => {
        if (asked === key) state.setState({ answer });
      };
      void client.request({ stand, bag }, onProgress, onInterim).then((result) => {
        if (result.type === 'replaced' || asked !== key) return;
        if (result.type === 'failed') {
          asked = '';
          state.setState({ work: 'failed', progress: null });
        } else state.setState({ answer: result.output, work: 'idle', progress: null });
      });
    },
    dispose: () => {
      // who starts again asks again
      asked = '';
      client.dispose();
    },
  };
}
