import { type WorkspaceStorage } from '@/persist';
import { type Chance } from './mutate';

/** Things under way that end one by one, in an order that chance has: a storage that takes its time, and messages on their way. */
export interface Slowness {
  /** Waits for its turn. */
  readonly turn: () => Promise<void>;
  /** Lets one of the things under way go on; false where there is none. */
  readonly step: () => Promise<boolean>;
}

export function slowness(chance: Chance): Slowness {
  const waiting: (() => void)[] = [];
  return {
    turn: () => new Promise((resolve) => waiting.push(resolve)),
    async step() {
      const next = waiting.splice(chance.below(waiting.length), 1)[0];
      next?.();
      // what follows from it happens before anything else does
      await new Promise((resolve) => setImmediate(resolve));
      return next !== undefined;
    },
  };
}

/** The same storage, each of whose answers takes its time, before it is reached and after. */
export function slowStorage(storage: WorkspaceStorage, { turn }: Slowness): WorkspaceStorage {
  const slow =
    <A extends unknown[], R>(run: (...args: A) => Promise<R>) =>
    async (...args: A): Promise<R> => {
      await turn();
      const result = await run(...args);
      await turn();
      return result;
    };
  return {
    ...storage,
    stand: slow((...args: Parameters<WorkspaceStorage['stand']>) => storage.stand(...args)),
    putStand: slow((...args: Parameters<WorkspaceStorage['putStand']>) => storage.putStand(...args)),
    removeStand: slow((...args: Parameters<WorkspaceStorage['removeStand']>) => storage.removeStand(...args)),
    bag: slow(() => storage.bag()),
    plans: slow(() => storage.plans()),
    putBag: slow((...args: Parameters<WorkspaceStorage['putBag']>) => storage.putBag(...args)),
    putPlans: slow((...args: Parameters<WorkspaceStorage['putPlans']>) => storage.putPlans(...args)),
  };
}
