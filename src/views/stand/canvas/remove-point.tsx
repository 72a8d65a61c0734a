import { Trash2 } from 'lucide-react';
import { removeSkylinePoint } from '@/model';
import { useEdit, useSession, useStand } from '../session';

/** Takes the chosen point out of the skyline: a finger has no Delete key. */
export function RemovePoint() {
  const index = useSession((s) =>
    s.step === 'frame' && s.selection?.kind === 'point' ? s.selection.index : null,
  );
  const select = useSession((s) => s.select);
  const canRemove = useStand((s) => s.skyline.length > 2);
  const edit = useEdit();
  if (index === null || !canRemove) return null;
  return (
    <button
      type="button"
      onClick={() => {
        select(null);
        edit((s) => removeSkylinePoint(s, index));
      }}
      className="absolute right-2 bottom-2 flex min-h-11 items-center gap-2 rounded-md border border-edge bg-panel px-3 font-semibold"
    >
      <Trash2 size={18} aria-hidden /> Remove the point
    </button>
  );
}
