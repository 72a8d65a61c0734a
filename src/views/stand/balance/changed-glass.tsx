import { changedGlass, withGlassOfToday } from '@/model';
import { Button } from '@/ui/button';
import { filterName, listText, BALANCE_TEXT } from '@/words';
import { useBag } from '../../shared/workspace-context';
import { useKept } from '../session';

/** Glass that the bag has otherwise than when this stand used it: what it was is kept, what it is now is offered. */
export function ChangedGlassNote() {
  const kept = useKept();
  const bag = useBag();
  const changed = changedGlass(kept.state.getState().value, bag);
  if (!changed.length) return null;
  return (
    <div className="space-y-2 rounded-md border border-edge p-3">
      <p>
        Your bag has {listText(changed.map(({ now }) => filterName(now)))}{' '}
        {BALANCE_TEXT.otherwiseWhenStandUsed} {changed.length === 1 ? 'it' : 'them'}
        {BALANCE_TEXT.standWorkedOutUsed}
      </p>
      <Button onClick={() => kept.edit((d) => withGlassOfToday(d, bag))}>
        Use {changed.length === 1 ? 'it' : 'them'} as the bag has {changed.length === 1 ? 'it' : 'them'} now
      </Button>
    </div>
  );
}
