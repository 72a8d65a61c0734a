import { Plus, Trash2 } from 'lucide-react';
import { type Bag, fitsHolder, type Holder, isSheet, MAX_RINGS, type Ring } from '@/model';
import { Button } from '@/ui/button';
import { ChoiceField, type Parsed, ParsedField } from '@/ui/field';
import { filterName, BAG_TEXT } from '@/words';
import { NameField } from '../shared/name-field';
import { parseQuantity } from '../shared/parse';
import { QuantityField } from '../shared/quantity-field';
import { type BagEdit } from './use-bag-edit';

/** Kept in the choice beside the usual numbers when it is another one. */
const SLOT_CHOICES = ['1', '2', '3', '4'];

/** What the fields of a holder show, the usual one's or another's. */
type HolderValues = Holder & { readonly slots?: number | undefined };

/** The usual holder: its slots, its rail, and what may darken the corners. */
export function HolderEditor({ bag, edit }: { bag: Bag; edit: BagEdit }) {
  const hasOthers = !!bag.holders?.length;
  return (
    <section aria-label="Holder" className="mt-8 space-y-3">
      <h2 className="text-lg font-semibold">{hasOthers ? 'Usual holder' : 'Holder'}</h2>
      <HolderFields
        holder={{ ...bag.holder, slots: bag.slots }}
        onChange={({ slots, ...holder }) =>
          edit((b) => ({ ...b, ...(slots === undefined ? {} : { slots }), holder }))
        }
      />
      <Misfits bag={bag} holder={bag.holder} />
      <p className="max-w-2xl text-sm text-quiet">{BAG_TEXT.ringsOpeningBetweenRails}</p>
    </section>
  );
}

/** Sheets that a holder does not take, where there are such. */
export function Misfits({ bag, holder }: { bag: Bag; holder: Holder | undefined }) {
  const misfits = bag.filters
    .filter((f) => !f.archived && isSheet(f) && !fitsHolder(f, holder))
    .map(filterName);
  if (!misfits.length) return null;
  return (
    <p role="note" className="border-l-2 border-fault pl-2.5 text-sm">
      {BAG_TEXT.anotherWidthHolderTakes(misfits.join(' · '))}
    </p>
  );
}

/** Lengths of a holder, as their fields are called, and what holds where they are not given. */
const LENGTHS = [
  ['sheetWidthMm', 'Width of its sheets', '100'],
  ['railAboveAxisMm', 'Rail above the axis', 'half the sheet'],
  ['slotOpeningMm', 'Opening between rails', 'not known'],
] as const;

interface HolderFieldsProps {
  holder: HolderValues;
  onChange: (holder: HolderValues) => void;
}

/** What a holder takes, where its rail stands, and its rings. */
export function HolderFields({ holder, onChange }: HolderFieldsProps) {
  const set = (change: Partial<HolderValues>) => onChange({ ...holder, ...change });
  const slots = String(holder.slots ?? 1);
  const rings = holder.rings ?? [];
  return (
    <>
      <div className="grid grid-cols-2 gap-3 md:grid-cols-4">
        <ChoiceField
          label="Slots of the holder"
          value={slots}
          options={[...new Set([...SLOT_CHOICES, slots])].map((n) => [n, n] as const)}
          onValue={(n) => set({ slots: Number(n) })}
        />
        {LENGTHS.map(([of, label, placeholder]) => (
          <QuantityField
            key={of}
            label={label}
            quantity="lengthMm"
            unit="mm"
            optional
            value={holder[of]}
            placeholder={placeholder}
            onValue={(mm) => set({ [of]: mm })}
          />
        ))}
      </div>
      <ParsedField<number[]>
        label={BAG_TEXT.threadsYouRings}
        unit="mm"
        inputMode="text"
        text={(holder.threadsMm ?? []).join(', ')}
        placeholder="not said: 77, 82"
        hint={BAG_TEXT.packSaysWhereMissing}
        parse={parseThreads}
        onValue={(threadsMm) => set({ threadsMm: threadsMm.length ? threadsMm : undefined })}
      />
      {rings.map((ring, i) => (
        <RingRow
          key={i}
          number={i + 1}
          ring={ring}
          onChange={(change) => set({ rings: rings.map((r, k) => (k === i ? { ...r, ...change } : r)) })}
          onRemove={() => set({ rings: rings.filter((_, k) => k !== i) })}
        />
      ))}
      <Button
        disabled={rings.length >= MAX_RINGS}
        onClick={() => set({ rings: [...rings, { name: 'adapter ring', diameterMm: 82, behindSlotMm: 8 }] })}
      >
        <Plus size={18} aria-hidden /> Add a ring
      </Button>
    </>
  );
}

/** Threads as they are typed: "77, 82", or nothing. */
function parseThreads(text: string): Parsed<number[]> {
  const threads: number[] = [];
  for (const part of text.split(/[\s,;]+/).filter(Boolean)) {
    const read = parseQuantity('lengthMm')(part);
    if (!read.ok) return read;
    threads.push(read.value);
  }
  return threads.length > MAX_RINGS
    ? { ok: false, error: `At most ${MAX_RINGS}.` }
    : { ok: true, value: [...new Set(threads)] };
}

interface RingRowProps {
  /** From 1. */
  number: number;
  ring: Ring;
  onChange: (change: Partial<Ring>) => void;
  onRemove: () => void;
}

/** A ring between lens and slots, or in front of them. */
function RingRow({ number, ring, onChange, onRemove }: RingRowProps) {
  return (
    <div className="grid grid-cols-[1.4fr_1fr_1fr_auto] items-end gap-2">
      <NameField label={`Ring ${number}`} name={ring.name} onName={(name) => onChange({ name })} />
      <QuantityField
        label="Clear width"
        quantity="lengthMm"
        unit="mm"
        value={ring.diameterMm}
        onValue={(diameterMm) => onChange({ diameterMm })}
      />
      <QuantityField
        label="Behind the slot"
        quantity="offsetMm"
        unit="mm"
        value={ring.behindSlotMm}
        onValue={(behindSlotMm) => onChange({ behindSlotMm })}
      />
      <Button kind="quiet" className="w-11 !px-0" aria-label={`Remove ring ${number}`} onClick={onRemove}>
        <Trash2 size={18} aria-hidden />
      </Button>
    </div>
  );
}
