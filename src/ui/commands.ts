import { useEffect } from 'react';
import { create } from 'zustand';

/** Something that can be done here, from the palette or by its keys. */
export interface Command {
  readonly name: string;
  /** What else one might call it. */
  readonly also?: string;
  /** How its shortcut is written, where it has one: "Ctrl Z", "1". */
  readonly keys?: string;
  readonly run: () => void;
}

export interface CommandGroup {
  readonly title: string;
  readonly commands: readonly Command[];
}

interface CommandState {
  /** By the part of the screen that offers them, in the order in which they came. */
  readonly groups: ReadonlyMap<string, CommandGroup>;
  readonly open: 'palette' | 'shortcuts' | null;
  setOpen: (open: CommandState['open']) => void;
}

/** What can be done on the screen as it is. */
export const useCommandState = create<CommandState>()((set) => ({
  groups: new Map(),
  open: null,
  setOpen: (open) => set({ open }),
}));

/** Offers commands for as long as the caller is on the screen. */
export function useCommands(title: string, commands: readonly Command[]): void {
  useEffect(() => {
    const put = (change: (groups: Map<string, CommandGroup>) => void) =>
      useCommandState.setState(({ groups }) => {
        const next = new Map(groups);
        change(next);
        return { groups: next };
      });
    put((groups) => groups.set(title, { title, commands }));
    return () => put((groups) => groups.delete(title));
  }, [title, commands]);
}
