import { temporal, type TemporalState } from 'zundo';
import { createStore, type StoreApi } from 'zustand/vanilla';
import { type DocumentFault } from '@/model/schema/faults';

/** Steps that undo goes back. */
const UNDO_STEPS = 200;

interface Held<T> {
  readonly value: T;
}

/** Where a change comes from; what another tab or a file brings is put in by `replace`, and is no change of ours. */
export type ChangeSource = 'hand' | 'undo';

/** A document under edit, with undo. A gesture (a drag, a held key) is one step however many changes it makes. */
export interface DocumentStore<T> {
  readonly state: StoreApi<Held<T>>;
  readonly history: StoreApi<TemporalState<Held<T>>>;
  /**
   * Changes the value, unless what comes out cannot be kept: then it stays as it was, and the fault is told.
   *
   * @returns whether it stands as it was to be
   */
  edit(change: (value: T) => T): boolean;
  /** Changes the value by something that has happened: undo never takes it back. */
  record(change: (value: T) => T): void;
  /** Starts a gesture: the changes until `endGesture` become one step. */
  beginGesture(): void;
  endGesture(): void;
  /** Ends a gesture as if it had not begun. */
  dropGesture(): void;
  isInGesture(): boolean;
  undo(): void;
  redo(): void;
  /** Takes on a value from elsewhere (another tab): no step of its own, and the history ends. */
  replace(value: T): void;
}

export interface DocumentRules<T> {
  /** What a change made here says beside itself; absent: nothing. */
  readonly settle?: (before: T, after: T) => T;
  /** What an undo or a redo comes to, with what has been recorded since; absent: nothing is. */
  readonly withRecords?: (restored: T, now: T) => T;
  /** What keeps a changed value from being kept, if anything does. */
  readonly admit?: (before: T, after: T) => DocumentFault | null;
  readonly onRefused?: (fault: DocumentFault) => void;
  /** Told of every change made here, in a gesture too. */
  readonly onChange?: (value: T, source: ChangeSource) => void;
  readonly onGestureEnd?: () => void;
}

export function createDocumentStore<T>(initial: T, rules: DocumentRules<T> = {}): DocumentStore<T> {
  const store = createStore<Held<T>>()(
    temporal(() => ({ value: initial }), {
      limit: UNDO_STEPS,
      equality: (a, b) => a.value === b.value,
    }),
  );
  const history = store.temporal;
  let gestureFrom: Held<T> | null = null;

  const tell = (source: ChangeSource) => rules.onChange?.(store.getState().value, source);
  const endGesture = () => {
    if (!gestureFrom) return;
    const from = gestureFrom;
    const to = store.getState();
    gestureFrom = null;
    // the changes went by unrecorded: step back to where they began, then make them again as one
    store.setState(from);
    history.getState().resume();
    store.setState(to);
    rules.onGestureEnd?.();
  };
  /** Puts a value in that is no step. */
  const put = (value: T) => {
    if (value === store.getState().value) return;
    history.getState().pause();
    store.setState({ value });
    history.getState().resume();
  };
  const step = (run: () => void) => () => {
    endGesture();
    const before = store.getState().value;
    run();
    if (rules.withRecords) put(rules.withRecords(store.getState().value, before));
    if (store.getState().value !== before) tell('undo');
  };

  return {
    state: store,
    history,
    edit: (change) => {
      const { value } = store.getState();
      const made = change(value);
      if (made === value) return true;
      const changed = rules.settle ? rules.settle(value, made) : made;
      const fault = rules.admit?.(value, changed);
      if (fault) {
        rules.onRefused?.(fault);
        return false;
      }
      store.setState({ value: changed });
      tell('hand');
      return true;
    },
    record: (change) => {
      endGesture();
      const made = change(store.getState().value);
      const fault = rules.admit?.(store.getState().value, made);
      if (fault) return rules.onRefused?.(fault);
      put(made);
      tell('hand');
    },
    beginGesture: () => {
      endGesture();
      gestureFrom = store.getState();
      history.getState().pause();
    },
    endGesture,
    dropGesture: () => {
      if (!gestureFrom) return;
      const hasChanged = gestureFrom.value !== store.getState().value;
      store.setState(gestureFrom);
      gestureFrom = null;
      history.getState().resume();
      if (hasChanged) tell('hand');
      rules.onGestureEnd?.();
    },
    isInGesture: () => gestureFrom !== null,
    undo: step(() => history.getState().undo()),
    redo: step(() => history.getState().redo()),
    replace: (value) => {
      endGesture();
      put(value);
      history.getState().clear();
    },
  };
}
