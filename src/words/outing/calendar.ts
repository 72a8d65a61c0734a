import { type CalendarEntry, type Outing } from '@/model/outing';
import { lightNear, type OutingDay } from '@/model/outing';
import {
  cautionText,
  expectedSpanText,
  outingName,
  framingLightText,
  framingName,
  waterText,
  worthText,
} from './outing';

/** Told so long before the walk in begins, before a framing, and before a moment worth being there for, minutes. */
const ALARMS = { outing: [720, 60], framing: [10], moment: [30] } as const;
/** A moment stands in a calendar for so long, ms. */
const MOMENT_MS = 10 * 60_000;

/** An outing as a calendar has it: all of it, each framing in its hours, and the moments worth being there for. */
export function calendarEntries(outing: Outing, day: OutingDay): readonly CalendarEntry[] {
  const { place: at, zone } = outing;
  const place = at ? { ...at, name: at.name ?? outingName(outing) } : null;
  const { schedule, worth, cautions } = day;
  const whole: CalendarEntry[] = schedule
    ? [
        {
          id: outing.id,
          fromMs: schedule.startMs,
          toMs: schedule.backMs,
          title: outingName(outing),
          text: cautions.map((c) => cautionText(c, zone)).join('\n'),
          place,
          alarmMinutes: ALARMS.outing,
        },
      ]
    : [];
  const framings = (schedule?.framings ?? []).map((timed, i): CalendarEntry => {
    const light = day.framings[i]?.light;
    const near = light && lightNear(light.moments, timed.fromMs);
    return {
      id: `${outing.id}-${timed.framing.id}`,
      fromMs: timed.fromMs,
      toMs: timed.toMs,
      title: framingName(timed.framing),
      text: [
        ...(light ? framingLightText(light, zone) : []),
        ...(near ? [expectedSpanText(near.spanStops, near.rangeStops)] : []),
        ...(light?.water ? [waterText(light.water, zone)] : []),
      ].join('\n'),
      place,
      alarmMinutes: ALARMS.framing,
    };
  });
  const moments = worth.map((moment, i): CalendarEntry => ({
    // the same may be worth being there for twice in a day: each is an entry of its own
    id: `${outing.id}-${moment.why}-${moment.framingId}${timesBefore(worth, i)}`,
    fromMs: moment.atMs,
    toMs: moment.atMs + MOMENT_MS,
    title: worthText(moment),
    text: framingNameOf(outing, moment.framingId),
    place,
    alarmMinutes: ALARMS.moment,
  }));
  return [...whole, ...framings, ...moments];
}

/** Behind the key of a moment: which of those of one framing and reason it is, where it is not the first. */
function timesBefore(worth: OutingDay['worth'], i: number): string {
  const own = worth[i];
  const before = worth.slice(0, i).filter((w) => w.why === own?.why && w.framingId === own.framingId).length;
  return before ? `-${before + 1}` : '';
}

function framingNameOf({ framings }: Outing, id: string): string {
  const framing = framings.find((s) => s.id === id);
  return framing ? framingName(framing) : '';
}
