import { type Outing } from '@/model/outing';
import { hourOf, lightNear, type OutingDay, type Packing, type SkyEvent } from '@/model/outing';
import { stopsFigure } from '../figures/figures';
import { type CardPart, type CardRow } from '../plan/card';
import {
  cautionText,
  EVENT_NAMES,
  expectedSpanText,
  framingLightText,
  framingName,
  missingText,
  outingDayText,
  outingName,
  waterText,
  weatherFollows,
  worthText,
} from './outing';
import { tideHourText } from './tide';

/** What one page says of an outing, for the pocket. */
export interface OutingCardText {
  readonly name: string;
  readonly head: string;
  /** The moments worth being there for: the hour, and why. */
  readonly worth: readonly { readonly hour: string; readonly why: string }[];
  /** Its framings, its water, and what can hurt. */
  readonly day: readonly CardPart[];
  /** What is to be packed, and what is missing. */
  readonly packing: readonly CardPart[];
  readonly cautions: readonly string[];
  readonly foot: string;
}

/** What stands on a card of the sun and the moon. */
const NAMED = new Set<SkyEvent['kind']>([
  'civil-dawn',
  'sunrise',
  'sunset',
  'civil-dusk',
  'moonrise',
  'moonset',
]);

/** Comes last, whatever else is said. */
const DEFERS = 'Local tide tables, forecasts, wardens and signs come before anything that is said here.';

/** The card of an outing; without a day, while its place is not known, what is to be packed and who knows of it. */
export function outingCard(outing: Outing, day: OutingDay | null, packing: Packing): OutingCardText {
  const at = (ms: number) => hourOf(ms, outing.zone);
  const sky = (day?.events ?? []).filter((e) => NAMED.has(e.kind));
  const head = [
    outingDayText(outing.day),
    ...(outing.zone ? [`hours of ${outing.zone}`] : []),
    ...sky.map((e) => `${EVENT_NAMES[e.kind]} ${at(e.atMs)}`),
  ];
  return {
    name: outingName(outing),
    head: head.join(' · '),
    worth: (day?.worth ?? []).map((w) => ({ hour: at(w.atMs), why: worthText(w) })),
    day: [framingsPart(outing, day), tidePart(outing), weatherPart(outing), notesPart(outing)].filter(
      (part) => part.rows.length > 0,
    ),
    packing: [
      { title: 'Missing', rows: packing.missing.map((m) => ({ text: missingText(m) })) },
      {
        title: 'To pack',
        rows: packing.things.map(({ name, isPacked }) => ({ text: name, isTicked: isPacked })),
      },
    ].filter((part) => part.rows.length > 0),
    cautions: [...(day?.cautions ?? []).map((c) => cautionText(c, outing.zone)), DEFERS],
    foot: day
      ? 'Sky solid, land dashed: a forecast, off by 1.5 stops or more. The tide between its turns is an estimate.'
      : '',
  };
}

function framingsPart(outing: Outing, day: OutingDay | null): CardPart {
  const at = (ms: number) => hourOf(ms, outing.zone);
  const rows = (day?.framings ?? []).map(({ framing, light }, i): CardRow => {
    const timed = day?.schedule?.framings[i];
    const near = timed && lightNear(light.moments, timed.fromMs);
    const said = [
      ...framingLightText(light, outing.zone),
      ...(near ? [expectedSpanText(near.spanStops, near.rangeStops)] : []),
      ...(light.water ? [waterText(light.water, outing.zone)] : []),
    ];
    return {
      text: `${framingName(framing)}: ${said.join(', ')}`,
      ...(timed ? { figure: `${at(timed.fromMs)}–${at(timed.toMs)}` } : {}),
    };
  });
  const back = day?.schedule ? [{ text: 'Back', figure: at(day.schedule.backMs) }] : [];
  return { title: 'Framings', rows: [...rows, ...back] };
}

const tidePart = ({ tides = [], tideTable, ...outing }: Outing): CardPart => ({
  title: `Tide${tideTable ? `, by ${tideTable}` : ''}`,
  rows: tides.map((t) => ({
    text: tideHourText(Date.parse(t.at), outing),
    figure: `${stopsFigure(t.heightM)} m`,
  })),
});

const weatherPart = ({ weather }: Outing): CardPart => ({
  title: 'Weather',
  rows: weatherFollows(weather).map((text) => ({ text })),
});

const notesPart = ({ told, notes }: Outing): CardPart => ({
  title: 'Noted',
  rows: [
    ...(told ? [{ text: 'Knows of it', figure: told }] : []),
    ...(notes ?? '')
      .split('\n')
      .filter((line) => line.trim())
      .map((text) => ({ text })),
  ],
});
