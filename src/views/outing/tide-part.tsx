import { OUTING_TEXT } from '@/words';
import { useMemo, useState } from 'react';
import { type Outing } from '@/model/outing';
import { tidesFor } from '@/model/outing';
import { readTideTable } from '@/store';
import { Button } from '@/ui/button';
import { passedOverText, readTurnText, takeTideText, tideHeadingText, tideHourText } from '@/words/outing';
import { NameField } from '../shared/name-field';
import { useOuting } from './use-outing';

/** High and low water as pasted or typed from a local table: understood first, then taken. */
export function TidePart() {
  const { outing, edit } = useOuting();
  const [text, setText] = useState('');
  const { day, zone } = outing;
  const rows = useMemo(() => readTideTable(text, { day, zone }), [text, day, zone]);
  const { tides, ofOtherDays } = tidesFor(
    outing,
    rows.flatMap((row) => row.turns),
  );
  const take = () => {
    // what was pasted stays until it is taken
    if (edit((o) => ({ ...o, tides }))) setText('');
  };
  return (
    <section aria-labelledby="tide" className="space-y-3">
      <h2 id="tide" className="text-lg font-semibold">
        Tide, by a local table
      </h2>
      <Turns outing={outing} />
      <div>
        <label htmlFor="tide-text" className="mb-1 block text-sm text-quiet">
          {OUTING_TEXT.highLowWaterLine}
        </label>
        <textarea
          id="tide-text"
          value={text}
          rows={3}
          placeholder={'LW 04:12 0.6 m\nHW 10:20 4.9 m'}
          onChange={(e) => setText(e.target.value)}
          className="w-full rounded-md border border-edge bg-panel px-2.5 py-2 font-mono placeholder:text-quiet"
        />
      </div>
      {rows.length > 0 && (
        <ul aria-label="As it is understood" className="text-sm">
          {rows.map(({ line, turns, leftOver, says, error }, i) => (
            <li key={i} className={error ? 'text-fault' : ''}>
              {error && `“${line.slice(0, 60)}”: ${error.message}`}
              {says && tideHeadingText(says)}
              {turns.map((turn) => readTurnText(turn, outing)).join('; ')}
              {leftOver && <span className="text-quiet"> {passedOverText(leftOver)}</span>}
            </li>
          ))}
        </ul>
      )}
      {rows.length > 0 && (
        <Button disabled={tides.length < 2} onClick={take}>
          {takeTideText(tides.length, ofOtherDays, rows.filter((row) => row.error).length)}
        </Button>
      )}
      {outing.tides && (
        <NameField
          label={OUTING_TEXT.tableTheyTaken}
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
  if (!outing.tides?.length) return <p className="text-quiet">{OUTING_TEXT.nothingKnownTideUntil}</p>;
  return (
    <>
      <ul className="font-mono">
        {outing.tides.map(({ at, heightM }) => (
          <li key={at}>
            {tideHourText(Date.parse(at), outing)} {heightM.toFixed(1)} m
          </li>
        ))}
      </ul>
      <p className="text-sm text-quiet">{OUTING_TEXT.betweenThemWaterDrawn}</p>
      <Button kind="quiet" onClick={() => edit(({ tides: _, tideTable: __, ...o }) => o)}>
        Forget the tide
      </Button>
    </>
  );
}
