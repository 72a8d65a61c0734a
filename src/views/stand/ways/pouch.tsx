import { useState } from 'react';
import {
  type Filter,
  filtersAtHand,
  filtersById,
  isSheet,
  setOf,
  type SheetFilter,
  withSheets,
} from '@/model';
import { GlassSwatch } from '@/render';
import { Button } from '@/ui/button';
import { capital, filterName, glassNamed, WAYS_TEXT } from '@/words';
import { useDerived, useEdit, useStand, useStandBag } from '../session';

/** Most sheets that are seated together. */
const MOST = 2;

interface PouchProps {
  /** A sheet stays where it is laid, whatever is read afterwards. */
  stays?: boolean;
}

/** The sheets along today: a tap lays one along the skyline, a second adds it, and none is a choice too. */
export function Pouch({ stays = false }: PouchProps) {
  const stand = useStand();
  const bag = useStandBag();
  const { prepared } = useDerived();
  const edit = useEdit();
  const sheets = filtersAtHand(bag).filter(isSheet);
  const on = stand.choice?.filterIds ?? null;
  const room = Math.min(MOST, prepared.freeSlots);
  const [isOpen, setOpen] = useState(false);
  const put = (ids: readonly string[]) => {
    edit((s) => withSheets(s, prepared, setOf(bag, ids), !stays));
    setOpen(false);
  };
  const tap = ({ id }: Filter) => {
    if (on?.includes(id)) return put(on.filter((o) => o !== id));
    put([...(on ?? []).slice(Math.max(0, (on?.length ?? 0) - room + 1)), id]);
  };
  if (!sheets.length) return <p className="text-quiet">{WAYS_TEXT.noGradAlongAdd}</p>;
  if (!room) return <p className="text-quiet">{WAYS_TEXT.ndPolariserTakeEvery}</p>;
  if (on && !isOpen)
    return (
      <section aria-label="The sheet that is on" className="flex min-h-14 items-center gap-3">
        {on.length > 0 && <GlassSwatch filters={filtersById(bag, on).filter(isSheet)} height={44} />}
        <span className="min-w-0 flex-1 text-lg font-semibold">{capital(glassNamed(bag, on))}</span>
        <Button onClick={() => setOpen(true)}>{on.length === 1 ? 'Change or add' : 'Change'}</Button>
      </section>
    );
  return (
    <section aria-label="The sheet that is on" className="space-y-2">
      <p className="font-semibold">Which sheet is on?</p>
      <div className="grid grid-cols-3 gap-2">
        {sheets.map((sheet) => (
          <SheetButton
            key={sheet.id}
            sheet={sheet}
            isOn={!!on?.includes(sheet.id)}
            onTap={() => tap(sheet)}
          />
        ))}
        <button
          type="button"
          aria-pressed={on?.length === 0}
          className="min-h-16 rounded-md border border-edge bg-panel px-2 aria-pressed:border-2 aria-pressed:border-action aria-pressed:bg-chosen"
          onClick={() => put([])}
        >
          none
        </button>
      </div>
    </section>
  );
}

interface SheetButtonProps {
  sheet: SheetFilter;
  isOn: boolean;
  onTap: () => void;
}

function SheetButton({ sheet, isOn, onTap }: SheetButtonProps) {
  return (
    <button
      type="button"
      aria-pressed={isOn}
      className="flex min-h-16 items-center gap-2 rounded-md border border-edge bg-panel px-2 text-left leading-tight aria-pressed:border-2 aria-pressed:border-action aria-pressed:bg-chosen"
      onClick={onTap}
    >
      <GlassSwatch filters={[sheet]} height={44} />
      <span className="min-w-0 text-sm break-words">{filterName(sheet)}</span>
    </button>
  );
}
