import { Redo2, Undo2 } from 'lucide-react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useStore } from 'zustand';
import { type DocumentStore } from '@/store';
import { KEYS } from './keys';

interface UndoRedoProps<T> {
  kept: DocumentStore<T>;
  /** Without a button for redo where room is short; its keys work all the same. */
  hideRedo?: boolean;
}

const BUTTON =
  'inline-flex size-11 shrink-0 items-center justify-center rounded-md hover:bg-chosen disabled:opacity-35';

/** The steps back and forth through a document, by button and by key. */
export function UndoRedo<T>({ kept, hideRedo = false }: UndoRedoProps<T>) {
  const canUndo = useStore(kept.history, (h) => h.pastStates.length > 0);
  const canRedo = useStore(kept.history, (h) => h.futureStates.length > 0);
  useHotkeys('mod+z', () => kept.undo(), { ...KEYS, preventDefault: true });
  useHotkeys(['mod+shift+z', 'mod+y'], () => kept.redo(), { ...KEYS, preventDefault: true });
  const steps = [
    { name: 'Undo', Icon: Undo2, can: canUndo, run: () => kept.undo() },
    ...(hideRedo ? [] : [{ name: 'Redo', Icon: Redo2, can: canRedo, run: () => kept.redo() }]),
  ];
  return steps.map(({ name, Icon, can, run }) => (
    <button
      key={name}
      type="button"
      className={BUTTON}
      aria-label={name}
      title={name}
      disabled={!can}
      onClick={run}
    >
      <Icon size={20} aria-hidden />
    </button>
  ));
}
