import { useEffect } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { create } from 'zustand';
import { KEYS } from './keys';

/** Something that can be done here, from the palette or by its keys. */
export interface Command {
  readonly name: string;
  /** What else one might call it. */
  readonly also?: string;
  /** Its shortcut, where it has one, as it is written and as it is bound: "Ctrl Z", "1". */
  readonly keys?: string;
  /** Other keys that do the same, and are not written. */
  readonly otherKeys?: readonly string[];
  /** Its keys work while something is being typed too. */
  readonly inFields?: boolean;
  readonly run: () => void;
}

export interface CommandGroup {
  readonly title: string;
  readonly commands: readonly Command[];
}

interface CommandState {
  /** By the part of the screen that offers them, in the order in which they came. */
  readonly groups: ReadonlyMap<string, CommandGroup>;
  readonly open: 'palette' | 'shortcuts' | 'help' | null;
  setOpen: (open: CommandState['open']) => void;
}

/** What can be done on the screen as it is. */
export const useCommandState = create<CommandState>()((set) => ({
  groups: new Map(),
  open: null,
  setOpen: (open) => set({ open }),
}));

type Pressed = Pick<KeyboardEvent, 'key' | 'code' | 'ctrlKey' | 'metaKey' | 'altKey' | 'shiftKey'>;

/** Whether a key press is the one that a shortcut is written with. */
export function isPressed(keys: string, { key, code, ctrlKey, metaKey, altKey, shiftKey }: Pressed): boolean {
  const parts = keys.split(' ');
  const asked = (parts.at(-1) ?? '').toLowerCase();
  if (altKey || parts.includes('Ctrl') !== (ctrlKey || metaKey)) return false;
  const isLetter = /^[a-z]$/.test(asked);
  // what is no letter may itself need Shift, by where a keyboard has it
  if ((isLetter || parts.includes('Shift')) && parts.includes('Shift') !== shiftKey) return false;
  if (key.toLowerCase() === asked) return true;
  // where the keyboard writes no Latin letters, or digits only with Shift, the place of the key counts
  const isByPlace = !/^[\x20-\x7e]$/.test(key) || /^\d$/.test(asked);
  return isByPlace && (code === `Key${asked.toUpperCase()}` || (!shiftKey && code === `Digit${asked}`));
}

/** Binds the keys of every command that is offered: what is written in the palette and the list of shortcuts is what works. */
export function useCommandKeys(): void {
  const press = (inFields: boolean) => (event: KeyboardEvent) => {
    const commands = [...useCommandState.getState().groups.values()].flatMap((g) => g.commands);
    const pressed = commands.find(
      ({ keys, otherKeys = [], inFields: always = false }) =>
        always === inFields && [...(keys ? [keys] : []), ...otherKeys].some((k) => isPressed(k, event)),
    );
    if (!pressed) return;
    event.preventDefault();
    pressed.run();
  };
  useHotkeys('*', press(false), KEYS);
  useHotkeys('*', press(true), { enableOnFormTags: true });
}

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
