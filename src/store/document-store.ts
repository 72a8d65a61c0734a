import { temporal, type TemporalState } from 'zundo';
import { createStore, type StoreApi } from 'zustand/vanilla';

/** Steps that undo goes back. */
const UNDO_STEPS = 200;

interface Held<T> {
  readonly value: T;
}

/** A document under edit, with undo. A gesture (a drag, a held key) is one step however many changes it makes. */
export interface DocumentStore<T> {
  readonly state: StoreApi<Held<T>>;
  readonly history: StoreApi<TemporalState<Held<T>>>;
  edit(change: (value: T) => T): void;
  /** Starts a gesture: the changes until `endGesture` become one step. */
  beginGesture(): void;
  endGesture(): void;
  /** Ends a gesture as if it had not begun. */
  dropGesture(): void;
  undo(): void;
  redo(): void;
  /** Takes on a value from elsewhere (another tab): no step of its own, and the history ends. */
  replace(value: T): void;
}

export function createDocumentStore<T>(initial: T): DocumentStore<T> {
  const store = createStore<Held<T>>()(
    temporal(() => ({ value: initial }), {
      limit: UNDO_STEPS,
      equality: (a, b) => a.value === b.value,
    }),
  );
  const history = store.temporal;
  let gestureFrom: Held<T> | null = null;

  const endGesture = () => {
    if (!gestureFrom) return;
    const from = gestureFrom;
    const to = store.getState();
    gestureFrom = null;
    // the changes went by unrecorded: step back to where they began, then make them again as one
    store.setState(from);
    history.getState().resume();
    store.setState(to);
  };
  const settled = (step: () => void) => () => {
    endGesture();
    step();
  };

  return {
    state: store,
    history,
    edit: (change) => {
      const { value } = store.getState();
      const changed = change(value);
      if (changed !== value) store.setState({ value: changed });
    },
    beginGesture: () => {
      endGesture();
      gestureFrom = store.getState();
      history.getState().pause();
    },
    endGesture,
    dropGesture: () => {
      if (!gestureFrom) return;
      store.setState(gestureFrom);
      gestureFrom = null;
      history.getState().resume();
    },
    undo: settled(() => history.getState().undo()),
    redo: settled(() => history.getState().redo()),
    replace: (value) => {
      endGesture();
      history.getState().pause();
      store.setState({ value });
      history.getState().resume();
      history.getState().clear();
    },
  };
}
