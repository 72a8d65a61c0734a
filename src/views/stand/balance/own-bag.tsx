import { BALANCE_TEXT } from '@/words';
import { newFilters, withNewFilters, withWorkspaceBag } from '@/model';
import { useStore } from 'zustand';
import { Button } from '@/ui/button';
import { useBag, useWorkspace } from '../../shared/workspace-context';
import { useKept } from '../session';

/** What the stand brought in the way of glass, and what can be done about it. */
export function OwnBag() {
  const kept = useKept();
  const ownBag = useStore(kept.state, (s) => s.value.bag !== null);
  const { workspace } = useWorkspace();
  const bag = useBag();
  if (!ownBag) return null;
  const value = kept.state.getState().value;
  const fresh = newFilters(value, bag).length;
  return (
    <div className="space-y-2 rounded-md border border-edge p-3">
      <p>{BALANCE_TEXT.standCameBagOwn}</p>
      <div className="flex flex-wrap gap-2">
        {fresh > 0 && (
          <Button onClick={() => workspace.bag.edit((b) => withNewFilters(value, b, workspace.newId))}>
            Add its {fresh} {fresh === 1 ? 'sheet' : 'sheets'} to my bag
          </Button>
        )}
        <Button onClick={() => kept.edit((d) => withWorkspaceBag(d, bag, workspace.newId))}>
          Use my bag
        </Button>
      </div>
    </div>
  );
}
