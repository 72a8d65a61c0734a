import { Plus } from 'lucide-react';
import { estimatedPupilToFilterMm } from '@/core/optics';
import {
  type Bag,
  type BagLens,
  freeId,
  MAX_GEAR,
  putLens,
  removeLens,
  restoreLens,
  withArchived,
} from '@/model';
import { Button } from '@/ui/button';
import { type Parsed, ParsedField } from '@/ui/field';
import { lensDetail, lensText } from '@/words';
import { QuantityField } from '../quantity-field';
import { ItemRow } from './item-row';
import { removeWithUndo } from './remove-with-undo';
import { type BagEdit } from './use-bag-edit';

interface LensListProps {
  bag: Bag;
  edit: BagEdit;
  open: string | null;
  setOpen: (id: string | null) => void;
}

/** The lenses: focal range, widest aperture, and where the pupil lies. */
export function LensList({ bag, edit, open, setOpen }: LensListProps) {
  const lenses = bag.lenses ?? [];
  const add = () => {
    const id = freeId('l', lenses);
    edit((b) => putLens(b, { id, shortestMm: 24, longestMm: 70 }));
    setOpen(id);
  };
  return (
    <section aria-labelledby="lenses" className="mt-8">
      <div className="mb-2 flex items-center gap-2">
        <h2 id="lenses" className="mr-auto text-lg font-semibold">
          Lenses
        </h2>
        <Button disabled={lenses.length >= MAX_GEAR} onClick={add}>
          <Plus size={18} aria-hidden /> Add a lens
        </Button>
      </div>
      {lenses.length ? (
        <ul aria-label="Lenses" className="border-t border-rule">
          {lenses.map((lens, index) => (
            <ItemRow
              key={lens.id}
              name={lensText(lens)}
              detail={`${lensDetail(lens)}${lens.archived ? '; archived' : ''}`}
              open={open === lens.id}
              onToggle={() => setOpen(open === lens.id ? null : lens.id)}
              archived={!!lens.archived}
              onArchive={(archived) => edit((b) => putLens(b, withArchived(lens, archived)))}
              onRemove={() =>
                removeWithUndo(edit, lensText(lens), {
                  remove: (b) => removeLens(b, lens.id),
                  restore: (b) => restoreLens(b, lens, index),
                })
              }
            >
              <LensEditor lens={lens} put={(next) => edit((b) => putLens(b, next))} />
            </ItemRow>
          ))}
        </ul>
      ) : (
        <p className="text-quiet">No lens yet. A stand can do without; one that is here is chosen by name.</p>
      )}
    </section>
  );
}

function LensEditor({ lens, put }: { lens: BagLens; put: (lens: BagLens) => void }) {
  const { shortestMm, longestMm, bulgingFront } = lens;
  return (
    <div
      role="group"
      aria-label={`Edit ${lensText(lens)}`}
      className="grid grid-cols-2 gap-3 px-2 pt-1 pb-4 md:grid-cols-4"
    >
      <ParsedField
        label="Name"
        className="col-span-2"
        text={lens.name ?? ''}
        placeholder={lensText({ ...lens, name: '' })}
        parse={(text): Parsed<string> => ({ ok: true, value: text.slice(0, 200) })}
        onValue={(name) => put({ ...lens, name })}
      />
      <QuantityField
        label="Shortest"
        quantity="focalLengthMm"
        unit="mm"
        value={shortestMm}
        refuse={(mm) => (mm > longestMm ? `At most its longest, ${longestMm} mm.` : null)}
        onValue={(mm) => put({ ...lens, shortestMm: mm })}
      />
      <QuantityField
        label="Longest"
        quantity="focalLengthMm"
        unit="mm"
        value={longestMm}
        refuse={(mm) => (mm < shortestMm ? `At least its shortest, ${shortestMm} mm.` : null)}
        onValue={(mm) => put({ ...lens, longestMm: mm })}
      />
      <QuantityField
        label="Widest aperture"
        quantity="aperture"
        unit="f/"
        optional
        value={lens.widestAperture}
        placeholder="not known"
        onValue={(widestAperture) => put({ ...lens, widestAperture })}
      />
      <QuantityField
        label="Pupil to filter"
        quantity="lengthMm"
        unit="mm"
        optional
        value={lens.pupilToFilterMm}
        placeholder={`about ${estimatedPupilToFilterMm(shortestMm, bulgingFront)}`}
        hint={lens.pupilToFilterMm === undefined ? 'estimated, good to a fifth' : undefined}
        onValue={(pupilToFilterMm) => put({ ...lens, pupilToFilterMm })}
      />
      <label className="col-span-2 flex min-h-11 items-center gap-2.5 self-end">
        <input
          type="checkbox"
          className="size-5 accent-(--action)"
          checked={!!bulgingFront}
          onChange={(e) => put({ ...lens, bulgingFront: e.target.checked || undefined })}
        />
        Bulging front: the holder stands on a collar, not on a thread
      </label>
    </div>
  );
}
