import { Redo2, Undo2 } from 'lucide-react';
import { useMemo } from 'react';
import { useStore } from 'zustand';
import { type DocumentStore } from '@/store';
import { type Command, useCommands } from '@/ui/commands';

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
  const commands = useMemo(
    (): Command[] => [
      { name: 'Undo', keys: 'Ctrl Z', run: () => kept.undo() },
      { name: 'Redo', keys: 'Ctrl Y', otherKeys: ['Ctrl Shift Z'], run: () => kept.redo() },
    ],
    [kept],
  );
  useCommands('Changes', commands);
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
