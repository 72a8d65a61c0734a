import { Plus, Trash2 } from 'lucide-react';
import { type Bag, type Holder, MAX_RINGS, type Ring } from '@/model';
import { Button } from '@/ui/button';
import { ChoiceField, ParsedField, type Parsed } from '@/ui/field';
import { filterName, listText } from '@/words';
import { QuantityField } from '../shared/quantity-field';
import { type BagEdit } from './use-bag-edit';

/** Kept in the choice beside the usual numbers when it is another one. */
const SLOT_CHOICES = ['1', '2', '3', '4'];

/** The holder: its slots, its rail, and what may darken the corners. */
export function HolderEditor({ bag, edit }: { bag: Bag; edit: BagEdit }) {
  const slots = String(bag.slots ?? 1);
  const rings = bag.holder?.rings ?? [];
  const width = bag.holder?.sheetWidthMm;
  const misfits = bag.filters
    .filter((f) => !f.archived && width !== undefined && (f.sheetWidthMm ?? width) !== width)
    .map(filterName);
  const set = (change: Partial<Holder>) => edit((b) => ({ ...b, holder: { ...b.holder, ...change } }));
  const setRing = (index: number, change: Partial<Ring>) =>
    set({ rings: rings.map((r, i) => (i === index ? { ...r, ...change } : r)) });
  return (
    <section aria-label="Holder" className="mt-8 space-y-3">
      <h2 className="text-lg font-semibold">Holder</h2>
      <div className="grid grid-cols-2 gap-3 md:grid-cols-4">
        <ChoiceField
          label="Slots of the holder"
          value={slots}
          options={[...new Set([...SLOT_CHOICES, slots])].map((n) => [n, n] as const)}
          onValue={(n) => edit((b) => ({ ...b, slots: Number(n) }))}
        />
        <QuantityField
          label="Width of its sheets"
          quantity="lengthMm"
          unit="mm"
          optional
          value={bag.holder?.sheetWidthMm}
          placeholder="100"
          onValue={(sheetWidthMm) => set({ sheetWidthMm })}
        />
        <QuantityField
          label="Rail above the axis"
          quantity="lengthMm"
          unit="mm"
          optional
          value={bag.holder?.railAboveAxisMm}
          placeholder="half the sheet"
          onValue={(railAboveAxisMm) => set({ railAboveAxisMm })}
        />
        <QuantityField
          label="Opening between rails"
          quantity="lengthMm"
          unit="mm"
          optional
          value={bag.holder?.slotOpeningMm}
          placeholder="not known"
          onValue={(slotOpeningMm) => set({ slotOpeningMm })}
        />
      </div>
      {rings.map((ring, i) => (
        <div key={i} className="grid grid-cols-[1.4fr_1fr_1fr_auto] items-end gap-2">
          <ParsedField
            label={`Ring ${i + 1}`}
            text={ring.name}
            parse={(text): Parsed<string> => ({ ok: true, value: text.slice(0, 200) })}
            onValue={(name) => setRing(i, { name })}
          />
          <QuantityField
            label="Clear width"
            quantity="lengthMm"
            unit="mm"
            value={ring.diameterMm}
            onValue={(diameterMm) => setRing(i, { diameterMm })}
          />
          <QuantityField
            label="Behind the slot"
            quantity="offsetMm"
            unit="mm"
            value={ring.behindSlotMm}
            onValue={(behindSlotMm) => setRing(i, { behindSlotMm })}
          />
          <Button
            kind="quiet"
            className="w-11 !px-0"
            aria-label={`Remove ring ${i + 1}`}
            onClick={() => set({ rings: rings.filter((_, k) => k !== i) })}
          >
            <Trash2 size={18} aria-hidden />
          </Button>
        </div>
      ))}
      <Button
        disabled={rings.length >= MAX_RINGS}
        onClick={() => set({ rings: [...rings, { name: 'adapter ring', diameterMm: 82, behindSlotMm: 8 }] })}
      >
        <Plus size={18} aria-hidden /> Add a ring
      </Button>
      {misfits.length > 0 && (
        <p role="note" className="border-l-2 border-fault pl-2.5 text-sm">
          Of another width than this holder takes: {listText(misfits)}.
        </p>
      )}
      <p className="max-w-2xl text-sm text-quiet">
        Rings and the opening between the rails tell whether the corners of a wide picture go dark. Distances
        in front of the slot are negative.
      </p>
    </section>
  );
}
