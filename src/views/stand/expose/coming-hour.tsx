import { lazy, Suspense } from 'react';
import { isDensity, stopsOfGlass } from '@/core/glass';
import {
  type ComingHour as Hour,
  comingNds,
  type ComingTurn,
  comingTurns,
  latestFor,
  mayLookIntoSun,
  ndSets,
  roomForNds,
} from '@/model/expose';
import { filtersAtHand, fittedFilters } from '@/model';
import {
  carriesOnText,
  clockText,
  filterName,
  heldNoMoreText,
  latestText,
  ndTurnText,
  SKY_STATE_NAMES,
  spanAheadText,
  comingTurnText,
  EXPOSE_TEXT,
} from '@/words';
import { Fold } from '@/ui/fold';
import { useAnswer, useDerived, useStand, useStandBag } from '../session';
import { HourQuestions } from './hour-questions';
import { HourSheets } from './hour-sheets';
import { HourTable } from './hour-table';
import { useHour } from './use-hour';

const HourChart = lazy(() => import('./hour-chart').then((m) => ({ default: m.HourChart })));

/** The light of the next sixty minutes, with what follows from it. */
export function ComingHour() {
  const stand = useStand();
  const bag = useStandBag();
  const { hour, isRecord, lacks } = useHour();
  const fitted = fittedFilters(stand, bag).filter(isDensity);
  const ndStops = fitted.reduce((sum, f) => sum + stopsOfGlass(f), 0);
  const turns = hour ? comingTurns(hour, ndStops) : [];
  return (
    <section aria-labelledby="coming-hour" className="space-y-2 border-t border-rule pt-3">
      <h3 id="coming-hour" className="font-semibold">
        {isRecord ? EXPOSE_TEXT.hourAfterRead : 'The coming hour'}
        {stand.coming?.sky && (
          <span className="pl-2 text-sm font-normal text-quiet">
            {EXPOSE_TEXT.forecastBandsHowFar(SKY_STATE_NAMES[stand.coming.sky].toLowerCase())}
          </span>
        )}
      </h3>
      <HourQuestions />
      {lacks && <p className="text-sm text-quiet">{lacks}</p>}
      {hour && (
        <>
          {!isRecord && <HeldNoMore hour={hour} />}
          <Suspense fallback={<div className="h-48" />}>
            <HourChart hour={hour} turns={turns} />
          </Suspense>
          <p className="text-sm">{spanAheadText(hour)}</p>
          <Turns hour={hour} turns={turns} ndStops={ndStops} />
          <HourSheets hour={hour} />
          <Fold summary="The hour in figures">
            <HourTable hour={hour} ndStops={ndStops} />
          </Fold>
          {mayLookIntoSun(hour) && (
            <p role="note" className="border-l-2 border-fault pl-2.5 text-sm">
              {EXPOSE_TEXT.sunComesNearFrame}
            </p>
          )}
          {hour.endsMs !== null && (
            <p className="text-sm text-quiet">{carriesOnText(clockText(hour.endsMs))}</p>
          )}
        </>
      )}
    </section>
  );
}

/** One quiet line where the light has gone from what the choice held for. */
function HeldNoMore({ hour }: { hour: Hour }) {
  const spans = useAnswer((a) => a.study?.safety.bestForSpans ?? null);
  const span = hour.moments[0]?.spanStops ?? null;
  if (!spans || span === null || (span >= spans[0] && span <= spans[1])) return null;
  return <p role="status">{heldNoMoreText(span, spans)}</p>;
}

/** The moments that matter, in order: of the time, of the NDs for a wanted one, of the last chance. */
function Turns({ hour, turns, ndStops }: { hour: Hour; turns: readonly ComingTurn[]; ndStops: number }) {
  const stand = useStand();
  const bag = useStandBag();
  const derived = useDerived();
  const nds = filtersAtHand(bag).filter(isDensity);
  const sets = [{ ids: [], stops: 0 }, ...ndSets(nds, roomForNds(stand, bag, derived))];
  const name = (ids: readonly string[]) =>
    ids
      .map((id) => bag.filters.find((f) => f.id === id))
      .flatMap((f) => (f ? filterName(f) : []))
      .join(' with ');
  const wanted = stand.wantedTime;
  const changes = wanted ? comingNds(hour, sets, wanted.seconds).slice(1) : [];
  const latest = ndStops > 0 ? latestFor(hour, ndStops) : null;
  const isLast = latest === hour.moments.at(-1)?.atMs;
  const lines = [
    ...turns.map((turn) => ({ atMs: turn.atMs, text: comingTurnText(turn) })),
    ...changes.map(({ atMs, set, seconds }) => ({
      atMs,
      text: ndTurnText(set && name(set.ids), seconds, wanted?.seconds ?? 0),
    })),
    ...(latest !== null && !isLast ? [{ atMs: latest, text: latestText }] : []),
  ].toSorted((a, b) => a.atMs - b.atMs);
  if (!lines.length) return null;
  return (
    <ul aria-label="Moments of the hour">
      {lines.map(({ atMs, text }) => (
        <li key={`${atMs} ${text}`} className="flex gap-3 py-0.5">
          <span className="font-mono">{clockText(atMs)}</span>
          <span>{text}</span>
        </li>
      ))}
    </ul>
  );
}
