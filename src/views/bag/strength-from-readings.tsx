import { useState } from 'react';
import { type Filter, type LooksAround, strengthOf, takenStops } from '@/model';
import { Button } from '@/ui/button';
import { ParsedField } from '@/ui/field';
import { Fold } from '@/ui/fold';
import { measuredStrengthText, stopsFigure, BAG_TEXT } from '@/words';
import { type Metered, parseMetered } from '../shared/parse';

/** The looks of one round, as far as they are there: without the filter, through it, and without it again. */
type Round = readonly [Metered | null, Metered | null, Metered | null];

const LOOKS = ['without', 'with it', 'without again'] as const;
const NEW: Round = [null, null, null];
/** Rounds that are measured at most. */
const MOST = 5;

/** Measures what a filter takes by ordinary readings: without, with, without, so that light that changes cancels. */
export function StrengthFromReadings({ filter, put }: { filter: Filter; put: (next: Filter) => void }) {
  return (
    <Fold className="col-span-full" summary="Measure it by readings">
      {() => <Rounds filter={filter} put={put} />}
    </Fold>
  );
}

function Rounds({ filter, put }: { filter: Filter; put: (next: Filter) => void }) {
  const [rounds, setRounds] = useState<readonly Round[]>([NEW]);
  const measured = strengthOf(rounds.flatMap((r) => looksOf(r) ?? []));
  const stops = measured && Math.round(10 * measured.stops) / 10;
  const isUsable = stops !== null && stops > 0 && stops <= 20;
  const set = (i: number, k: number, look: Metered) =>
    setRounds(
      rounds.map((r, n) => (n === i ? (r.map((l, m) => (m === k ? look : l)) as unknown as Round) : r)),
    );
  return (
    <div className="space-y-3 pb-3">
      <p className="text-sm text-quiet">{BAG_TEXT.evenWallClearSky}</p>
      <ol className="space-y-2" aria-label="Rounds of readings">
        {rounds.map((round, i) => (
          <li key={i} className="grid grid-cols-3 gap-2">
            {LOOKS.map((look, k) => (
              <ParsedField
                key={look}
                label={i === 0 ? `${k + 1}. ${look}` : `${look}, round ${i + 1}`}
                hideLabel={i > 0}
                text=""
                keepDraft
                placeholder={round[k] ? '' : '1/60'}
                parse={parseMetered('shutter')}
                onValue={(value) => set(i, k, value)}
              />
            ))}
          </li>
        ))}
      </ol>
      <p role="status">{measured && measuredStrengthText(measured, takenStops(filter))}</p>
      <div className="flex flex-wrap gap-2">
        {isUsable && (
          <Button kind="action" onClick={() => put({ ...filter, measuredStops: stops })}>
            Use {stopsFigure(stops)} stops
          </Button>
        )}
        {rounds.length < MOST && looksOf(rounds.at(-1) ?? NEW) && (
          <Button onClick={() => setRounds([...rounds, NEW])}>Another round</Button>
        )}
      </div>
    </div>
  );
}

/** A round as looks at even times; null while one is missing, or a time stands beside an EV. */
function looksOf(round: Round): LooksAround | null {
  const [before, through, after] = round.map(evOf);
  if (before === undefined || through === undefined || after === undefined) return null;
  const isEv = (look: Metered | null) => !!look && 'ev100' in look;
  if (round.some((look) => isEv(look) !== isEv(round[0]))) return null;
  return { before: { ev: before, at: 0 }, through: { ev: through, at: 1 }, after: { ev: after, at: 2 } };
}

/** EV, but for what aperture and ISO add, which stay. */
const evOf = (look: Metered | null): number | undefined =>
  look ? ('ev100' in look ? look.ev100 : -Math.log2(look.seconds)) : undefined;
