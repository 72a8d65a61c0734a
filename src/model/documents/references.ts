import { type Path } from '../stand/glass-names';
import { withGlassIds } from '../stand/parts';
import { type Stand } from '../stand/stand';

/** Every reference to glass in a stand, and where it stands. */
export function glassReferences(stand: Stand): { readonly id: string; readonly path: Path }[] {
  const found: { id: string; path: Path }[] = [];
  withGlassIds(stand, (id, path) => {
    found.push({ id, path });
    return id;
  });
  return found;
}
