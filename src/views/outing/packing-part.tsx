import { OUTING_TEXT } from '@/words';
import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { putExtra, removeExtra, withPacked } from '@/model/outing';
import { type Packed } from '@/model/outing';
import { Button } from '@/ui/button';
import { Fold } from '@/ui/fold';
import { missingText, weightText } from '@/words/outing';
import { QuantityField } from '../shared/quantity-field';
import { usePlansEdit } from '../shared/use-plans';
import { useNewId } from '../shared/workspace-context';
import { useOuting } from './use-outing';

/** What to pack: what the framings need, what is in the pouch, and what is taken beside; ticked, weighed, and what is missing. */
export function PackingPart() {
  const { edit, packing } = useOuting();
  const left = packing.things.filter((t) => !t.isPacked).length;
  return (
    <section aria-labelledby="packing">
      <h2 id="packing" className="mb-1 text-lg font-semibold">
        To pack
      </h2>
      <p className="text-quiet">
        {left === 0 ? 'All of it is packed' : `${left} of ${packing.things.length} still to pack`}
        {packing.grams > 0 &&
          ` · ${weightText(packing.grams)}${packing.withoutWeight ? `, ${packing.withoutWeight} not weighed` : ''}`}
      </p>
      {packing.missing.length > 0 && (
        <ul role="status" aria-label="Missing" className="my-2 border-l-4 border-fault pl-3">
          {packing.missing.map((m) => (
            <li key={`${m.what} ${m.name}`} className="font-semibold">
              {missingText(m)}
            </li>
          ))}
        </ul>
      )}
      <ul className="mt-2 grid gap-x-8 border-t border-rule desk:grid-cols-2">
        {packing.things.map((thing) => (
          <li key={thing.key} className="border-b border-rule">
            <label className="flex min-h-11 items-center gap-2.5">
              <input
                type="checkbox"
                className="size-5 shrink-0 accent-(--action)"
                checked={thing.isPacked}
                onChange={(e) => edit((o) => withPacked(o, thing.key, e.target.checked))}
              />
              <span className="min-w-0 flex-1">
                {thing.name}
                {thing.neededFor.length > 0 && (
                  <span className="block truncate text-sm text-quiet">{thing.neededFor.join(', ')}</span>
                )}
              </span>
              {thing.grams !== null && <span className="text-sm text-quiet">{weightText(thing.grams)}</span>}
            </label>
          </li>
        ))}
      </ul>
      <AddExtra />
      <Fold summary={OUTING_TEXT.weightsTakenBesideGlass}>{() => <Weights things={packing.things} />}</Fold>
    </section>
  );
}

/** Something that is neither glass nor camera: a torch, spikes. */
function AddExtra() {
  const edit = usePlansEdit();
  const newId = useNewId();
  const [name, setName] = useState('');
  const add = () => {
    const plain = name.trim().slice(0, 200);
    if (!plain) return;
    edit((plans) => putExtra(plans, { id: newId('x'), name: plain }));
    setName('');
  };
  return (
    <form
      className="mt-3 flex items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        add();
      }}
    >
      <div className="min-w-0 flex-1">
        <label htmlFor="extra" className="mb-1 block text-sm text-quiet">
          {OUTING_TEXT.takeAlongBesideEvery}
        </label>
        <input
          id="extra"
          value={name}
          placeholder="torch, gaiters, release…"
          onChange={(e) => setName(e.target.value)}
          className="min-h-11 w-full rounded-md border border-edge bg-panel px-2.5 placeholder:text-quiet"
        />
      </div>
      <Button type="submit">
        <Plus size={18} aria-hidden /> Add
      </Button>
    </form>
  );
}

function Weights({ things }: { things: readonly Packed[] }) {
  const edit = usePlansEdit();
  const set = (key: string, grams: number | undefined) =>
    edit((plans) => {
      const { [key]: _, ...others } = plans.weights ?? {};
      return { ...plans, weights: grams === undefined ? others : { ...others, [key]: grams } };
    });
  return (
    <ul className="grid gap-x-8 gap-y-2 desk:grid-cols-2">
      {things.map((thing) => (
        <li key={thing.key} className="flex items-end gap-2">
          <div className="min-w-0 flex-1">
            <QuantityField
              label={thing.name}
              quantity="grams"
              unit="g"
              optional
              value={thing.grams ?? undefined}
              placeholder="not weighed"
              onValue={(grams) => set(thing.key, grams)}
            />
          </div>
          {thing.what === 'extra' && (
            <button
              type="button"
              aria-label={`Leave ${thing.name} out for good`}
              className="flex size-11 items-center justify-center rounded-md hover:bg-chosen"
              onClick={() => edit((plans) => removeExtra(plans, thing.key.slice('extra:'.length)))}
            >
              <Trash2 size={18} aria-hidden />
            </button>
          )}
        </li>
      ))}
    </ul>
  );
}
