import { timeColumn, wantedTimes, withTimeWay } from '@/model/expose';
import { Button } from '@/ui/button';
import {
  baseText,
  bracketFrameText,
  capital,
  columnNotes,
  dialText,
  sideNames,
  timeRowText,
  timeText,
  timeWayText,
  tooLongText,
  EXPOSE_TEXT,
} from '@/words';
import { Figure } from '../parts/figure';
import { useDerived, useEdit, useStand, useStandBag } from '../session';

const LINE = 'grid grid-cols-[minmax(0,1fr)_auto_6.5rem] items-baseline gap-x-3 border-b border-rule py-1.5';

/** The frames of a bracket, one after another as the countdown makes them. */
function BracketTimes() {
  const stand = useStand();
  const bag = useStandBag();
  const bracket = useDerived((d) => d.bracket);
  if (!bracket?.ok) return null;
  return (
    <ol aria-label={EXPOSE_TEXT.framesBracketDarkestPicture}>
      {bracket.frames.map((frame, i) => (
        <li key={i} className="flex items-baseline gap-3 border-b border-rule py-1.5">
          <span className="w-5 font-mono text-sm text-quiet">{i + 1}</span>
          <span className="font-mono">{bracketFrameText(frame, stand, bag)}</span>
        </li>
      ))}
    </ol>
  );
}

/** What to change where a time is no answer. */
function TooLong({ fault }: { fault: string }) {
  const stand = useStand();
  const bag = useStandBag();
  const derived = useDerived();
  const edit = useEdit();
  const [way] = wantedTimes(stand, bag, derived, INSTEAD).ways;
  return (
    <div className="space-y-1.5 pt-1.5">
      <p className="font-semibold">{capital(fault)}.</p>
      {way && (
        <Button className="w-full" onClick={() => edit((s) => withTimeWay(s, bag, way))}>
          {`Instead: ${timeWayText(way, bag)}, for ${timeText(way.seconds)}`}
        </Button>
      )}
    </div>
  );
}

/** What one would still stand there for, s. */
const INSTEAD = { wantSeconds: 240, longestSeconds: 1800 } as const;

/** The time as a sum: the base, everything on the lens once, the trims, and what it comes to. */
export function TimeColumnList() {
  const stand = useStand();
  const bag = useStandBag();
  const derived = useDerived();
  const column = timeColumn(stand, bag, derived);
  if (!column) return <BracketTimes />;
  const names = sideNames(stand);
  const dial = dialText(column.seconds);
  const fault = tooLongText(column.seconds);
  return (
    <section aria-label="The time, added up">
      <ol>
        <li className={LINE}>
          <span className="col-span-2">{baseText(column, names)}</span>
          <span className="text-right font-mono">{timeText(column.base.seconds)}</span>
        </li>
        {column.rows.map((row, i) => {
          const { what, stops } = timeRowText(row, names);
          return (
            <li key={i} className={LINE}>
              <span>{what}</span>
              <span className="font-mono text-sm text-quiet" title="stops longer">
                {stops}
              </span>
              <span className="text-right font-mono">{timeText(row.seconds)}</span>
            </li>
          );
        })}
        <li className="grid grid-cols-[minmax(0,1fr)_auto] items-baseline gap-x-3 border-b-2 border-ink py-1.5">
          <span className="font-semibold">
            {dial.where}
            {dial.error && <span className="pl-2 text-sm font-normal text-quiet">{dial.error}</span>}
          </span>
          <Figure
            of={derived.through ? 'through' : 'expose'}
            className="text-right font-mono text-xl font-semibold"
          >
            {dial.time}
          </Figure>
        </li>
      </ol>
      {fault && <TooLong fault={fault} />}
      {columnNotes(column).map((note) => (
        <p key={note} className="pt-1.5 text-sm text-quiet">
          {note}
        </p>
      ))}
    </section>
  );
}
