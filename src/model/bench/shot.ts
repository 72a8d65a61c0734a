import { type Bag } from '../bag/bag';
import { type SeenThrough } from '../answer/derive';
import { tonesOf } from '../check/histogram';
import { takeThrough } from '../check/takes';
import { type Stand, type Take } from '../stand/stand';
import { reallyOn, type Truth, truthOf } from './truth';

/** A shot as the simulated camera really made it: everything that was on the lens, and where the sheet really stood. */
function asReallyShot(stand: Stand, take: Take): Take {
  const { offsetMm = 0, turnDeg = 0 } = take.nudge ?? {};
  const fitted = reallyOn(stand, take.fitted ?? []);
  return {
    ...take,
    fitted: [...fitted],
    ...(take.seat
      ? { seat: { offsetMm: take.seat.offsetMm + offsetMm, turnDeg: take.seat.turnDeg + turnDeg } }
      : {}),
  };
}

/** A shot in the light that really was, and what it was taken through. */
export interface TrueShot {
  readonly truth: Truth;
  readonly take: Take;
  readonly through: SeenThrough;
}

/** How a shot of the bench came out; null for any other stand. */
export function trueShot(stand: Stand, bag: Bag, taken: Take): TrueShot | null {
  const take = asReallyShot(stand, taken);
  const { aperture, iso } = take.exposure;
  const truth = truthOf({ ...stand, fitted: take.fitted, exposure: { aperture, iso } }, bag);
  return truth && { truth, take, through: takeThrough(take, truth.stand, bag) };
}

/** What of a shot lies beyond what the sensor holds, parts of the frame. */
export interface Lost {
  readonly blown: number;
  readonly blocked: number;
}

/** What of a shot is gone, by the light that really was. */
export function lostIn({ truth, take }: TrueShot, bag: Bag): Lost {
  const { stand, prepared } = truth;
  const { sky, ground } = tonesOf(take, { stand, bag, derived: { prepared } });
  const tones = [...sky, ...ground];
  const { highlightRoom, shadowRoom } = prepared.input.window;
  const part = (isLost: (tone: number) => boolean) => tones.filter(isLost).length / Math.max(1, tones.length);
  return { blown: part((tone) => tone > highlightRoom), blocked: part((tone) => tone < -shadowRoom) };
}
