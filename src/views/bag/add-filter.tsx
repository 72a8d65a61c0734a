import { Plus } from 'lucide-react';
import { useId, useState } from 'react';
import { type BadLabel, readLabel } from '@/core/glass';
import { type Bag, type Filter, filterFromLabel, freeName, MAX_FILTERS, sameGlass } from '@/model';
import { Button } from '@/ui/button';
import { filterName, labelText, BAG_TEXT } from '@/words';
import { useNewId } from '../shared/workspace-context';

/** A filter by what is printed on its rim; what is understood stands below as it is typed. */
export function AddFilter({ bag, onAdd }: { bag: Bag; onAdd: (filter: Filter) => void }) {
  const id = useId();
  const newId = useNewId();
  const [text, setText] = useState('');
  const [refused, setRefused] = useState(false);
  const read = readLabel(text);
  const filter = read.ok ? filterFromLabel(read, 'typed', bag) : null;
  const twin = filter && sameGlass(bag, filter);
  const full = bag.filters.length >= MAX_FILTERS;
  const add = () => {
    setRefused(!filter);
    if (!filter || full) return;
    onAdd({ ...filter, id: newId('g'), name: freeName(text.trim(), bag) });
    setText('');
  };
  const isFault = refused && !read.ok;
  return (
    <form
      className="mb-3"
      onSubmit={(e) => {
        e.preventDefault();
        add();
      }}
    >
      <label htmlFor={id} className="mb-1 block text-sm text-quiet">
        {BAG_TEXT.addPrintedRim}
      </label>
      <div className="flex gap-2">
        <input
          id={id}
          value={text}
          maxLength={200}
          placeholder="0.9 soft"
          autoComplete="off"
          spellCheck={false}
          enterKeyHint="done"
          aria-invalid={isFault || undefined}
          aria-describedby={`${id}-below`}
          onChange={(e) => {
            setText(e.target.value);
            setRefused(false);
          }}
          className={`min-h-11 min-w-0 flex-1 rounded-md border bg-panel px-2.5 font-mono text-base placeholder:text-quiet ${isFault ? 'border-fault' : 'border-edge'}`}
        />
        <Button kind="action" type="submit" disabled={full}>
          <Plus size={18} aria-hidden /> Add
        </Button>
      </div>
      {!read.ok && <Meanings read={read} onPick={(reading) => setText(meaning(text, read.at, reading))} />}
      <p id={`${id}-below`} role="status" className={`mt-1 text-sm ${isFault ? 'text-fault' : 'text-quiet'}`}>
        {full ? BAG_TEXT.bagHoldsFiltersMost(MAX_FILTERS) : labelText(read, filter)}
        {twin && !full && BAG_TEXT.youAlreadyAddedAgain(filterName(twin))}
      </p>
    </form>
  );
}

/** What a figure that could be two things may mean, each a tap away. */
function Meanings({ read: { at, readings }, onPick }: { read: BadLabel; onPick: (reading: string) => void }) {
  if (!readings.length) return null;
  return (
    <div className="mt-2 flex flex-wrap gap-2" role="group" aria-label={`What ${at} means`}>
      {readings.map((reading) => (
        <Button key={reading} onClick={() => onPick(reading)}>
          {reading}
        </Button>
      ))}
    </div>
  );
}

/** The label with a figure that could be two things said plainly. */
const meaning = (label: string, at: string, reading: string): string =>
  label.replace(new RegExp(`(?:nd[ -]?)?${at.replace(/[.]/g, '\\$&')}`, 'i'), reading);
