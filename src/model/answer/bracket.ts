import { type Bracket, bracketFor, secondsForEv } from '@/core/exposure';
import { type Prepared, settingsOf } from './prepare';
import { type Stand } from '../stand/stand';

/** One exposure of a bracket. */
export interface BracketFrame {
  readonly seconds: number;
  /** EV of the bare scene that lands at mid-grey. */
  readonly evMidGrey: number;
  /** From the base exposure, which places the land as the look has it; negative is darker. Null without a land reading. */
  readonly offsetStops: number | null;
}

export type StandBracket =
  | {
      readonly ok: true;
      /** Darkest picture first. */
      readonly frames: readonly BracketFrame[];
      readonly reachStops: number;
      readonly windowStops: number;
    }
  | { readonly ok: false; readonly reason: 'window-too-small' | 'no-reading' };

/** The bracket that covers a stand's readings, through what is on the lens beside the grads. */
export function bracketOf(stand: Stand, { input, fitted }: Prepared, baseEv: number | null): StandBracket {
  const evs = input.field.readings.map((r) => r.ev100);
  if (!evs.length) return { ok: false, reason: 'no-reading' };
  const { highlightRoom, shadowRoom } = input.window;
  const bracket: Bracket = bracketFor({
    brightestEv: Math.max(...evs),
    darkestEv: Math.min(...evs),
    highlightRoom,
    shadowRoom,
    placedEv: baseEv,
  });
  if (!bracket.ok) return bracket;
  const settings = settingsOf(stand);
  return {
    ...bracket,
    frames: bracket.evs.map((ev) => ({
      seconds: secondsForEv(ev - fitted.stops, settings),
      evMidGrey: ev,
      offsetStops: baseEv === null ? null : baseEv - ev,
    })),
  };
}
