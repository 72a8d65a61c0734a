import { type StandLook } from '@/model';
import { useEdit, useStand } from '../session';

/** The stand's look, and a way to change something of it. */
export function useLook() {
  const stand = useStand();
  const edit = useEdit();
  const set = (change: Partial<StandLook>) => edit((s) => ({ ...s, look: { ...s.look, ...change } }));
  return { look: stand.look, set };
}
