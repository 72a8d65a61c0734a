import { ChevronLeft } from 'lucide-react';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { type Outing } from '@/model/outing';
import { clockHours, hourOf, type OutingDay, waterOf } from '@/model/outing';
import { type DayLight } from '@/render/card/day-marks';
import { layOutOuting } from '@/render/card/lay-out-outing';
import { cardSize, onSheets } from '@/render/card/on-sheets';
import { EVENT_NAMES, outingCard, outingName } from '@/words/outing';
import { PaperPages } from '../card/paper-pages';
import { useCardType } from '../card/use-card-type';
import { idOfKey } from '../shared/stand-path';
import { usePlans } from '../shared/use-plans';
import { usePreferences, useWorkspace } from '../shared/workspace-context';
import { NoOuting } from './no-outing';
import { useShownOuting } from './use-outing';

/** The card of an outing: looked at, printed, and saved. */
export function OutingCardPage() {
  const { id: key = '' } = useParams();
  const { base } = useWorkspace();
  const outing = usePlans((p) => p.outings.find((o) => o.id === idOfKey(key)));
  return outing ? <CardOf outing={outing} back={`${base}/outings/${key}`} /> : <NoOuting />;
}

function CardOf({ outing, back }: { outing: Outing; back: string }) {
  const { day, packing } = useShownOuting(outing);
  const paper = usePreferences((p) => p.paper);
  const measure = useCardType();
  const pages = useMemo(() => {
    if (!measure) return null;
    const card = { text: outingCard(outing, day, packing), light: day && dayLightOf(outing, day) };
    return onSheets([layOutOuting(card, cardSize(paper, false), measure)], paper, false);
  }, [measure, outing, day, packing, paper]);
  const name = outingName(outing);
  return (
    <div className="relative h-full overflow-y-auto">
      <title>{`${name} · Pale Seam`}</title>
      <div className="mx-auto max-w-5xl space-y-5 px-4 py-5 desk:px-8">
        <header className="flex items-center gap-1">
          <Link
            to={back}
            aria-label="Back to the outing"
            className="-ml-3 inline-flex size-11 shrink-0 items-center justify-center rounded-md hover:bg-chosen"
          >
            <ChevronLeft size={22} aria-hidden />
          </Link>
          <h1 className="min-w-0 truncate text-2xl font-semibold">{`Card of ${name}`}</h1>
        </header>
        <PaperPages pages={pages} title={name} count={1} />
      </div>
    </div>
  );
}

/** Hours that are named below the strip are so far apart. */
const EVERY_HOURS = 3;

/** What a card draws of an outing's day: the light of its first framing, or of the place. */
function dayLightOf(outing: Outing, day: OutingDay): DayLight {
  return {
    fromMs: day.fromMs,
    toMs: day.toMs,
    moments: (day.framings[0]?.light ?? day.open).moments,
    events: day.events
      .filter((e) => e.kind === 'sunrise' || e.kind === 'sunset')
      .map((e) => ({ atMs: e.atMs, text: `${EVENT_NAMES[e.kind]} ${hourOf(e.atMs, outing.zone)}` })),
    hours: clockHours(outing.day, outing.zone, EVERY_HOURS),
    worth: day.worth.map((w) => w.atMs),
    tide: waterOf(outing, day),
  };
}
