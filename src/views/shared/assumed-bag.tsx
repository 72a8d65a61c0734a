import { SHARED_TEXT } from '@/words';
import { ownedBag, withoutAssumed } from '@/model';
import { Button } from '@/ui/button';
import { useBag, useWorkspace } from './workspace-context';

/** That the bag is not the photographer's until it is said to be, and both answers in one tap. */
export function AssumedBag() {
  const { workspace } = useWorkspace();
  const bag = useBag();
  if (!bag.assumed) return null;
  return (
    <div className="my-3 space-y-2 rounded-md border border-edge p-3">
      <p>{SHARED_TEXT.bagAssumedSheetsPolariser}</p>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => workspace.bag.edit(withoutAssumed)}>These are not mine</Button>
        <Button onClick={() => workspace.bag.edit(ownedBag)}>They are mine</Button>
      </div>
    </div>
  );
}
