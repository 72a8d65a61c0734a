import { sideReadings, wantedEv } from '@/core/balance';
import {
  type Bracket,
  bracketByRow,
  bracketFor,
  bracketMeasures,
  type BracketRequest,
  type CameraRow,
  coveringRow,
  secondsForEv,
  uncoveredStops,
} from '@/core/exposure';
import { mean } from '@/core/numerics';
import { alikeInBlur, type BracketFrame } from './alike-in-blur';
import { type Bag } from '../bag/bag';
import { type Prepared } from './prepare';
import { settingsOf } from '../resolve/lens';
import { type BracketWish, type Stand } from '../stand/stand';

export type StandBracket =
  | {
      readonly ok: true;
      /** Darkest picture first. */
      readonly frames: readonly BracketFrame[];
      readonly reachStops: number;
      readonly windowStops: number;
      /** The camera's own row that is used, or that would cover the reach; null where one frame does or none. */
      readonly row: CameraRow | null;
      /** What no frame of a row holds, stops. */
      readonly uncoveredStops: number;
      /** The frames were to be alike in blur, and neither ND nor ISO can do it. */
      readonly differsInBlur: boolean;
    }
  | {
      readonly ok: false;
      readonly reason: 'window-too-small' | 'no-reading' | 'no-sky-reading' | 'no-land-reading';
    };

/** What the photographer asks of a row until it is set. */
const USUAL_ROW: CameraRow = { frames: 3, stepStops: 2 };

/** The row that is asked for. */
export const rowOf = ({ frames, stepStops }: BracketWish): CameraRow => ({
  frames: frames ?? USUAL_ROW.frames,
  stepStops: stepStops ?? USUAL_ROW.stepStops,
});

/** What a bracket of a stand's readings must hold; `baseEv` lies at mid-grey of the wanted placement. */
export function bracketRequest({ input }: Prepared, baseEv: number | null): BracketRequest {
  const evs = input.field.readings.map((r) => r.ev100);
  const { highlightRoom, shadowRoom } = input.window;
  return {
    brightestEv: Math.max(...evs),
    darkestEv: Math.min(...evs),
    highlightRoom,
    shadowRoom,
    placedEv: baseEv,
  };
}

/** The bracket of a stand: what covers its readings, a row of the camera's own, or one frame for each side. */
export function bracketOf(stand: Stand, bag: Bag, prepared: Prepared, baseEv: number | null): StandBracket {
  const { input, fitted } = prepared;
  if (!input.field.readings.length) return { ok: false, reason: 'no-reading' };
  const wish = stand.bracket ?? {};
  const bracket = exposuresOf(bracketRequest(prepared, baseEv), { wish, prepared, baseEv });
  if (!bracket.ok) return bracket;
  const settings = settingsOf(stand);
  const bare = bracket.evs.map((ev) => ({
    seconds: secondsForEv(ev - fitted.stops, settings),
    iso: stand.exposure.iso,
    filterIds: [],
    evMidGrey: ev,
    offsetStops: baseEv === null ? null : baseEv - ev,
  }));
  const alike = wish.alike && bare.length > 1 ? alikeInBlur(stand, bag, prepared, bare) : null;
  return {
    ok: true,
    frames: alike ?? bare,
    reachStops: bracket.reachStops,
    windowStops: bracket.windowStops,
    row: wish.by === 'row' ? rowOf(wish) : coveringRow(bracket.reachStops, bracket.windowStops),
    uncoveredStops: wish.by === 'row' ? uncoveredStops(bracket, rowOf(wish)) : 0,
    differsInBlur: !!wish.alike && bare.length > 1 && !alike,
  };
}

type Chosen = Bracket | Extract<StandBracket, { ok: false }>;

function exposuresOf(
  request: BracketRequest,
  { wish, prepared, baseEv }: { wish: BracketWish; prepared: Prepared; baseEv: number | null },
): Chosen {
  if (wish.by === 'row') return bracketByRow(request, rowOf(wish));
  if (wish.by !== 'sides') return bracketFor(request);
  const sky = sideReadings('sky', prepared.input.field.readings);
  if (!sky.length) return { ok: false, reason: 'no-sky-reading' };
  if (baseEv === null) return { ok: false, reason: 'no-land-reading' };
  const skyEv = mean(sky.map(wantedEv));
  return { ok: true, ...bracketMeasures(request), evs: [skyEv, baseEv].sort((a, b) => b - a) };
}
