import { idSource, type NewId } from '@/model';

/** Ids as chance would have them, the same at every run: a source for each test. */
export function seededIds(seed = 1): NewId {
  let state = seed >>> 0 || 1;
  const byte = () => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return state >>> 24;
  };
  return idSource((count) => Uint8Array.from({ length: count }, byte));
}
