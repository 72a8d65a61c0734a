import { useCommandKeys } from '@/ui/commands';

/** Binds the keys of what the pages offer, as the shell does. */
export function CommandKeys(): null {
  useCommandKeys();
  return null;
}
