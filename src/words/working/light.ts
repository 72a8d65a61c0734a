import { type Candidate, sameSet, sideReadings, wantedEv } from '@/core/balance';
import { type LightReading } from '@/core/field';
import { mean } from '@/core/numerics';
import { type Derived, type Prepared, type Stand, sunSideOf, traitsOf } from '@/model';
import { faultText } from '../plan/faults';
import { fitFigure, isoFigure, listText, stopsFigure, stopsText, timeText } from '../figures/figures';
import { glassName, glassNamed } from '../glass/glass';
import { SUN_PLACES } from '../plan/looks';
import { bracketFrameText, bracketNotes } from '../plan/bracket';
import { judgementText } from '../plan/verdict';
import { darkerName, sideNames } from '../figures/sides';
import { toneText } from '../figures/tones';
import { type SpotNames, spotNames } from '../figures/spots';
import { type Working, type WorkingContext } from './types';

/** A mean as it is reckoned: "sky 1 13.0, sky 2 12.6: mean 12.8". */
function meanText(readings: readonly LightReading[], named: SpotNames): string {
  const evs = readings.map(wantedEv);
  const each = readings.map((r, i) => `${named(r.id)} ${stopsFigure(evs[i] as number)}`).join(', ');
  return evs.length > 1 ? `${each}: mean ${stopsFigure(mean(evs))}` : each;
}

const wantedNote = (readings: readonly LightReading[]): string[] =>
  readings.some((r) => r.wantedToneStops)
    ? ['From each reading the tone is taken off at which its spot is wanted.']
    : [];

export function spanWorking({ input }: Prepared, { spanStops, reachStops }: Derived): Working | null {
  if (spanStops === null) return null;
  const { readings } = input.field;
  const [sky, land] = [sideReadings('sky', readings), sideReadings('land', readings)];
  const named = spotNames(readings);
  const held = readings.filter((r) => r.limit).map((r) => named(r.id));
  return {
    of: 'span',
    title: 'Span',
    figure: stopsText(Math.abs(spanStops)),
    lines: [
      `Sky, EV at ISO 100: ${meanText(sky, named)}.`,
      `Land: ${meanText(land, named)}.`,
      ...wantedNote(readings),
      ...(held.length ? [`To be held only, and in no mean: ${listText(held)}.`] : []),
      `Span = sky − land = ${stopsText(spanStops)}${spanStops < 0 ? ': the land is the brighter' : ''}.`,
      ...(reachStops === null
        ? []
        : [`Reach, from the darkest reading to the brightest: ${stopsText(reachStops)}.`]),
    ],
  };
}

export function needWorking({ stand, derived }: WorkingContext, { input }: Prepared): Working | null {
  const { balance } = derived;
  if (!balance) return null;
  const need = stopsText(balance.neededStops);
  return { of: 'need', title: 'To take away', figure: need, lines: needLines(stand, derived, input, need) };
}

/** What is taken away of what, by the look that asks for it. */
function needLines(stand: Stand, { spanStops }: Derived, input: Prepared['input'], need: string): string[] {
  const { readsLight, gap, lifts } = traitsOf(stand);
  if (!readsLight) {
    const side = sunSideOf(stand);
    return [`Sun ${side ? SUN_PLACES[side] : 'not known'}: the rule says ${need}. Nothing was measured.`];
  }
  if (lifts) {
    const { highlightRoom, printRoom } = input.window;
    const brightest = Math.max(...input.field.readings.map((r) => r.ev100));
    return [
      `The brightest reading, EV ${stopsFigure(brightest)}, may lie ${stopsFigure(highlightRoom - 0.5)} above mid-grey: half a stop under the highlight room.`,
      `The darker side prints well down to ${stopsFigure(printRoom)} below mid-grey.`,
      `What does not fit between the two is to be taken away, and no more than the span: ${need}.`,
    ];
  }
  const { gapStops, evensTop } = input.look;
  if (evensTop)
    return [
      `Mean EV of the top third of the ${sideNames(stand).sky} less that of the rest of it: ${need}. The span does not count.`,
    ];
  const kept =
    gap && gap.usual < 0
      ? `the sky is to come out ${stopsFigure(-gapStops)} darker`
      : `${stopsFigure(gapStops)} may stay`;
  return [`Span ${stopsFigure(Math.abs(spanStops ?? 0))}, and ${kept}: ${need} to take away.`];
}

export function glassWorking({ stand, bag, derived }: WorkingContext): Working | null {
  const { inUse, balance, fault } = derived;
  if (!inUse || !balance)
    return fault ? { of: 'glass', title: 'Glass', figure: 'no plan', lines: [faultText(fault)] } : null;
  const { figures } = inUse;
  return {
    of: 'glass',
    title: 'Glass',
    figure: glassName(inUse.filters),
    lines: [
      `${balance.compared} sets of your bag were compared, no grad being one of them, each at its best seat.`,
      ...(figures
        ? [...judgementText(figures, balance, inUse.outcome, sideNames(stand)), scoreText(figures)]
        : []),
      ...balance.ranking.slice(0, 5).map((r, i) => {
        const ids = r.set.map((s) => s.id);
        const settable = balance.best.find((c) => sameSet(c.set, ids));
        return `${i + 1}. ${glassNamed(bag, ids)}: ${fitFigure((settable ?? r).scoreStops)}`;
      }),
    ],
  };
}

export function exposeWorking(
  { stand, bag, derived }: WorkingContext,
  { input, fitted }: Prepared,
): Working | null {
  const { inUse, bracket } = derived;
  const { aperture, iso } = stand.exposure;
  if (bracket?.ok) {
    const { frames, reachStops, windowStops } = bracket;
    return {
      of: 'expose',
      title: 'Bracket',
      figure: `${frames.length} ${frames.length === 1 ? 'frame' : 'frames'}`,
      lines: [
        `One frame holds ${stopsText(windowStops)}: highlight room and shadow room less half a stop at either end.`,
        `The readings reach over ${stopsText(reachStops)}; neighbours overlap by a stop.`,
        ...bracketNotes(bracket, stand),
        ...frames.map(
          (f) =>
            `${bracketFrameText(f, stand, bag)}${f.offsetStops === null ? '' : `, ${offsetText(f.offsetStops)}`}`,
        ),
        stand.bracket?.alike ? `f/${aperture} and focus stay.` : `f/${aperture}, ISO ${iso} and focus stay.`,
      ],
    };
  }
  const exposure = inUse?.outcome.exposure;
  if (!inUse || !exposure) return null;
  const dark = derived.balance?.brighter === 'land' ? 'sky' : 'land';
  const own = sideReadings(dark, input.field.readings);
  const named = spotNames(input.field.readings);
  const taken = new Map(inUse.outcome.readings.map((r) => [r.id, r.dimmingStops]));
  const placement = input.look.placementStops;
  return {
    of: 'expose',
    title: 'Exposure',
    figure: timeText(exposure.seconds),
    lines: [
      `The ${sideNames(stand)[dark]} places it: ${meanText(own, named)}.`,
      ...wantedNote(own),
      `The grad takes ${listText(own.map((r) => `${stopsFigure(taken.get(r.id) ?? 0)} off ${named(r.id)}`))}.`,
      ...(fitted.stops > 0 ? [`ND and polariser take ${stopsText(fitted.stops)} from everything.`] : []),
      `Placed ${toneText(placement)}${exposure.capped ? ', but held back so that the brightest reading keeps half a stop of room' : ''}.`,
      `EV ${stopsFigure(exposure.evCamera)} at f/${aperture}, ISO ${iso}: ${Number(exposure.seconds.toPrecision(4))} s.`,
      ...leaveOutLines(stand.leaveOut),
    ],
  };
}

/** What is to be kept out of the frame, seen once more before the shutter. */
export const leaveOutLines = (leaveOut: readonly string[] = []): string[] => {
  const things = leaveOut.filter((thing) => thing.trim());
  return things.length ? [`Before the shutter, keep out: ${listText(things)}.`] : [];
};

/** What a score is made of: figures that add up. */
function scoreText({ scoreStops, costs }: Candidate): string {
  const { sheets, turn, noGlow } = costs;
  const shown = (stops: number) => Math.round(100 * stops) / 100;
  // what is left of the figure that is shown, so that the sum adds up as it stands
  const fit = shown(scoreStops) - shown(sheets) - shown(turn) - shown(noGlow);
  const parts = [
    `fit ${fitFigure(fit)}`,
    sheets > 0 && `${fitFigure(sheets)} for the sheets`,
    turn > 0 && `${fitFigure(turn)} for the turn`,
    noGlow > 0 && `${fitFigure(noGlow)} for a sheet made for a glow over a sky without one`,
  ];
  return `Score ${fitFigure(scoreStops)} = ${parts.filter(Boolean).join(' + ')}.`;
}

/** Where a frame of a bracket lies: "2.0 darker than the base exposure". */
export function offsetText(stops: number): string {
  if (Math.abs(stops) < 0.05) return 'at the base exposure';
  return `${stopsFigure(Math.abs(stops))} ${stops < 0 ? 'darker' : 'brighter'} than the base exposure`;
}

export function liftWorking({ stand, derived }: WorkingContext): Working | null {
  const lift = derived.inUse?.lift;
  if (!lift) return null;
  const darker = darkerName(stand, derived);
  return {
    of: 'lift',
    title: 'Lift afterwards',
    figure: stopsText(lift.stops),
    lines: [
      `The brightest reading is placed half a stop under the highlight room, and the ${darker} comes out where that leaves it.`,
      `Lifted by ${stopsText(lift.stops)} its signal stands ${lift.lifted.toFixed(0)} times over the noise; exposed there it would be ${lift.exposed.toFixed(0)} times.`,
      `${stopsText(lift.noiseStops)} more noise, about as at ISO ${isoFigure(lift.asNoisyAsIso)} in place of ${stand.exposure.iso}.`,
    ],
  };
}

export function safetyWorking({ stand, study, derived }: WorkingContext): Working | null {
  const spans = study?.safety.bestForSpans;
  if (!study || !spans) return null;
  const brighter = sideNames(stand)[derived.balance?.brighter ?? 'sky'];
  return {
    of: 'safety',
    title: 'Best for',
    figure: `spans of ${stopsFigure(spans[0])} to ${stopsFigure(spans[1])}`,
    lines: [
      `All readings of the ${brighter} were shifted by sixths of a stop, up to one either way; over these spans the same glass stays best.`,
      'Then each reading was left out in turn, and each feature without a reading given the light of either side.',
    ],
  };
}
