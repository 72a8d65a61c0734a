import { createStore, type StoreApi } from 'zustand/vanilla';
import { type Bag, bagAtLens, bagForStand, type StandDocument, type StoredPhoto } from '@/model';
import { type Glance, type WorkerClient } from '@/workers';
import { type StandSummary } from './stands';

/** What was found at a glance, and the very stand and bag that it was found of. */
interface Found {
  readonly document: StandDocument;
  readonly bag: Bag;
  /** Null where it could not be worked out. */
  readonly glance: Glance | null;
}

interface GlancesState {
  /** By the stand's id. */
  readonly found: ReadonlyMap<string, Found>;
}

export interface Glances {
  readonly state: StoreApi<GlancesState>;
  /** Sees to it that these stands are glanced at, one after another, in this order; what was wanted before is dropped. */
  want(wanted: readonly StandSummary[], bag: Bag): void;
  /** Nothing that was found holds any more: glass is called otherwise. */
  forget(): void;
  /** Stops after the stand that is being worked on. */
  rest(): void;
  dispose(): void;
}

/** Glances that are kept: those of the longest list that is worked at in one go. */
const KEPT = 1000;

export interface GlanceSources {
  readonly findPhoto: (sha256: string) => Promise<StoredPhoto | null>;
  /** How glass is called in what is shown. */
  readonly dress?: (bag: Bag) => Bag;
}

/** Works out in the background what a list shows of each stand, and keeps it for as long as it fits its stand. */
export function createGlances(
  client: WorkerClient<'glance'>,
  { findPhoto, dress = (bag) => bag }: GlanceSources,
): Glances {
  const state = createStore<GlancesState>()(() => ({ found: new Map() }));
  let queue: readonly StandSummary[] = [];
  let bag: Bag;
  let isRunning = false;

  const next = (): StandSummary | undefined => {
    const at = queue.findIndex((wanted) => glanceOf(state.getState(), wanted, bag) === undefined);
    const wanted = queue[at];
    queue = wanted ? queue.slice(at + 1) : [];
    return wanted;
  };

  const run = async () => {
    if (isRunning) return;
    isRunning = true;
    for (let wanted = next(); wanted; wanted = next()) {
      const { id, document } = wanted;
      const own = bag;
      const sha256 = document.stand.picture?.sha256;
      const photo = sha256 ? await findPhoto(sha256).catch(() => null) : null;
      const result = await client.request({
        stand: document.stand,
        bag: dress(bagAtLens(document.stand, bagForStand(document, own))),
        photo,
      });
      if (result.type === 'replaced') continue;
      const glance = result.type === 'done' ? result.output : null;
      const others = [...state.getState().found].filter(([other]) => other !== id);
      const found = new Map([...others, [id, { document, bag: own, glance }] as const].slice(-KEPT));
      state.setState({ found });
    }
    isRunning = false;
  };

  return {
    state,
    want(wanted, ownBag) {
      queue = wanted;
      bag = ownBag;
      void run();
    },
    forget: () => state.setState({ found: new Map() }),
    rest() {
      queue = [];
    },
    dispose() {
      queue = [];
      client.dispose();
    },
  };
}

/** What is known of a stand as it is now: undefined where it is yet to be worked out, null where it could not be. */
export function glanceOf(
  { found }: GlancesState,
  { id, document }: StandSummary,
  bag: Bag,
): Glance | null | undefined {
  const known = found.get(id);
  return known?.document === document && known.bag === bag ? known.glance : undefined;
}
