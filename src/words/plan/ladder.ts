import { type ReadingOutcome } from '@/core/balance';
import { type Role } from '@/core/field';
import { mean } from '@/core/numerics';
import { liftCost, type SensorWindow, signalToNoise } from '@/core/sensor';
import { exactIso } from '@/core/units';
import { type Camera, type Reading } from '@/model';
import { isoFigure, listText, stopsFigure, stopsText } from '../figures/figures';
import { meterSettingsText } from '../readings/meter';
import { shownText, toneText } from '../figures/tones';
import { type SpotNames } from '../figures/spots';

/** A tone and what it costs to lift it, where it lies low. */
function noiseText(camera: Camera, iso: number, tone: number): string | null {
  if (tone > -2) return null;
  const { asNoisyAsIso } = liftCost(camera, exactIso(iso), tone, -tone);
  return `lifted to mid-grey as noisy as ISO ${isoFigure(asNoisyAsIso)}`;
}

interface SpotOnLadder {
  readonly reading: Reading;
  readonly outcome: ReadingOutcome;
  readonly camera: Camera;
  readonly iso: number;
  readonly named: SpotNames;
}

/** One reading on the ladder: its light bare and through the glass, and what the exposure makes of it. */
export function ladderSpotText({ reading, outcome, camera, iso, named }: SpotOnLadder): string {
  const { ev100, dimmingStops, toneThroughStops: tone, held } = outcome;
  const about = [
    `EV ${stopsFigure(ev100)}`,
    meterSettingsText(reading),
    dimmingStops >= 0.05 && `through the glass ${stopsFigure(ev100 - dimmingStops)}`,
    shownText(outcome),
    Number.isFinite(tone) && !held && 'not held',
    Number.isFinite(tone) && noiseText(camera, iso, tone),
  ].filter(Boolean);
  return `${named(reading.id)}${reading.limit ? ' to hold' : ''}: ${about.join('; ')}`;
}

/** A role's readings together on the ladder. */
export function ladderRoleText(
  role: Role,
  isLimit: boolean,
  outcomes: readonly ReadingOutcome[],
  named: SpotNames,
): string {
  const evs = outcomes.map((o) => o.ev100);
  const sorted = outcomes.toSorted((a, b) => a.ev100 - b.ev100);
  const [darkest, brightest] = [sorted[0] as ReadingOutcome, sorted.at(-1) as ReadingOutcome];
  const tone = mean(outcomes.map((o) => o.toneThroughStops));
  const about = [
    `EV ${stopsFigure(mean(evs))}`,
    `from ${stopsFigure(darkest.ev100)} (${named(darkest.id)}) to ${stopsFigure(brightest.ev100)} (${named(brightest.id)})`,
    // of a bracket each reading is shown by its own frame
    Number.isFinite(tone) && darkest.frame === null && `comes out ${toneText(tone)}`,
  ].filter(Boolean);
  return `${role}${isLimit ? ' to hold' : ''}, mean of ${outcomes.length}: ${about.join('; ')}`;
}

/** Readings that fall out of the window at either end: "sky 2 0.4 too bright". */
export function outOfWindowText(
  outcomes: readonly ReadingOutcome[],
  { highlightRoom, shadowRoom }: SensorWindow,
  named: SpotNames,
): { bright: string; dark: string } {
  const out = outcomes.filter((o) => Number.isFinite(o.toneThroughStops) && !o.held);
  const text = (over: (o: ReadingOutcome) => number, word: string) => {
    const own = out.filter((o) => over(o) > 0).toSorted((a, b) => over(b) - over(a));
    if (!own[0]) return '';
    const most = `${own.length > 1 ? 'up to ' : ''}${stopsFigure(over(own[0]))}`;
    return `${listText(own.map((o) => named(o.id)))} ${most} too ${word}`;
  };
  return {
    bright: text((o) => o.toneThroughStops - highlightRoom, 'bright'),
    dark: text((o) => -shadowRoom - o.toneThroughStops, 'dark'),
  };
}

/** Noise at the window's dark end and where printing well begins, as a part of the light there. */
export function windowNoiseText(
  camera: Camera,
  iso: number,
  { shadowRoom, printRoom }: SensorWindow,
): { dark: string; print: string; printShort: string } {
  const part = (tone: number) => `1/${signalToNoise(camera, exactIso(iso), tone).toFixed(0)}`;
  const print = part(-printRoom);
  return {
    dark: `noise ${part(-shadowRoom)}`,
    print: `prints well from here, noise ${print}`,
    printShort: `print ${print}`,
  };
}

/** What the look keeps of the span, and what is to be taken away. */
export const keepText = (gap: number): string =>
  gap < 0 ? `${stopsFigure(-gap)} below` : `keep ${stopsFigure(gap)}`;
export const takeText = (need: number): string => `take ${stopsFigure(need)}`;

/** What the glass leaves, and which way it goes. */
export const leftText = (gap: number): string =>
  gap < -0.05 ? `${stopsFigure(-gap)} darker where read` : `leaves ${stopsFigure(gap)} where read`;

/** The span over its dimension line. */
export const spanText = (span: number): string => `span ${stopsText(Math.abs(span))}`;
