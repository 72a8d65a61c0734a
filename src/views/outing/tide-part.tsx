import { useState } from 'react';
import { type Outing } from '@/model';
import { hourOf, momentAt } from '@/model/outing';
import { readTideTable } from '@/store';
import { Button } from '@/ui/button';
import { NameField } from '../shared/name-field';
import { useOuting } from './use-outing';

const DAY_MS = 86_400_000;

/** High and low water as pasted or typed from a local table: understood first, then taken. */
export function TidePart() {
  const { outing, edit } = useOuting();
  const [text, setText] = useState('');
  const rows = readTideTable(text);
  const turns = rows
    .flatMap(({ read }) =>
      read.ok
        ? [
            {
              atMs: momentAt(outing.day, read.value.hour, outing.zone) + read.value.dayAfter * DAY_MS,
              heightM: read.value.heightM,
            },
          ]
        : [],
    )
    .toSorted((a, b) => a.atMs - b.atMs);
  const take = () => {
    const tides = turns.map(({ atMs, heightM }) => ({ at: new Date(atMs).toISOString(), heightM }));
    edit((o) => ({ ...o, tides }));
    setText('');
  };
  return (
    <section aria-labelledby="tide" className="space-y-3">
      <h2 id="tide" className="text-lg font-semibold">
        Tide, by a local table
      </h2>
      <Turns outing={outing} />
      <div>
        <label htmlFor="tide-text" className="mb-1 block text-sm text-quiet">
          High and low water, a line each
        </label>
        <textarea
          id="tide-text"
          value={text}
          rows={3}
          maxLength={5000}
          placeholder={'LW 04:12 0.6 m\nHW 10:20 4.9 m'}
          onChange={(e) => setText(e.target.value)}
          className="w-full rounded-md border border-edge bg-panel px-2.5 py-2 font-mono placeholder:text-quiet"
        />
      </div>
      {rows.length > 0 && (
        <ul aria-label="As it is understood" className="text-sm">
          {rows.map(({ line, read }, i) => (
            <li key={i} className={read.ok ? '' : 'text-fault'}>
              {read.ok
                ? `${read.value.hour}${read.value.dayAfter ? ', the day after' : ''}: ${read.value.heightM.toFixed(1)} m`
                : `“${line.slice(0, 60)}”: ${read.error.message}`}
            </li>
          ))}
        </ul>
      )}
      {rows.length > 0 && (
        <Button disabled={turns.length < 2} onClick={take}>
          {turns.length < 2 ? 'Two turns at least are needed' : `Take these ${turns.length}`}
        </Button>
      )}
      {outing.tides && (
        <NameField
          label="The table they were taken from"
          name={outing.tideTable}
          placeholder="not noted"
          onName={(tideTable) => edit((o) => ({ ...o, tideTable: tideTable || undefined }))}
        />
      )}
    </section>
  );
}

function Turns({ outing }: { outing: Outing }) {
  const { edit } = useOuting();
  if (!outing.tides?.length)
    return <p className="text-quiet">Nothing is known of the tide here until it is typed.</p>;
  return (
    <>
      <ul className="font-mono">
        {outing.tides.map(({ at, heightM }) => (
          <li key={at}>
            {hourOf(Date.parse(at), outing.zone)} {heightM.toFixed(1)} m
          </li>
        ))}
      </ul>
      <p className="text-sm text-quiet">
        Between them the water is drawn by half a cosine and by the rule of twelfths: estimates, both.
      </p>
      <Button kind="quiet" onClick={() => edit(({ tides: _, tideTable: __, ...o }) => o)}>
        Forget the tide
      </Button>
    </>
  );
}
