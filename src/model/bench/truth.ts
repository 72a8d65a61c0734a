import { type FramePoint, REGION_CODES, type LightField, ROLES, type Role } from '@/core/field';
import { figuresThrough, type LightFigures } from '@/core/photo';
import { SKY_CLARITY } from '@/core/sky';
import { type Bag } from '../bag/bag';
import { fittedPolariser } from '../bag/on-lens';
import { polariserOn, skyChange } from '../answer/polariser';
import { POINT_ANGLE_DEG } from '../resolve/metered';
import { type Prepared, prepareStand } from '../answer/prepare';
import { type FittedFilter, type Reading, type Stand } from '../stand/stand';

/** A stand of the bench as its light really is, whatever was read of it. */
export interface Truth {
  /** The stand with the scene's own light, read by somebody who misses nothing, and nothing chosen. */
  readonly stand: Stand;
  readonly prepared: Prepared;
}

/** The reading of the brightest that is worth holding. */
const TRUE_BRIGHTEST = 'true-brightest';

/** Glass that was left on the simulated lens and is not among what is said to be on it. */
export const leftUntold = (
  { bench }: Pick<Stand, 'bench'>,
  said: readonly FittedFilter[] = [],
): readonly string[] => (bench?.leftOn ?? []).filter((id) => !said.some((f) => f.filterId === id));

/** What is really on the simulated lens: what is said to be, and what was left there. */
export const reallyOn = (
  { bench, fitted = [] }: Pick<Stand, 'bench' | 'fitted'>,
  said: readonly FittedFilter[] = fitted,
): readonly FittedFilter[] => [...said, ...leftUntold({ bench }, said).map((filterId) => ({ filterId }))];

/**
 * The truth behind a stand of the bench; null for any other, and where the scene's own picture is gone from it. A polariser
 * that is on has had its part in a clear sky: that is the light then, and its loss alone is still to be charged.
 */
export function truthOf(stand: Stand, bag: Bag): Truth | null {
  const { bench, picture, choice: _, seen: __, takes: ___, through: ____, ...rest } = stand;
  if (!bench || picture?.coding !== 'stops' || !picture.exposure) return null;
  const on = { ...rest, fitted: [...reallyOn(stand)] };
  const light = throughPolariser(picture.light, { ...on, bench }, bag);
  const bare: Stand = { ...on, picture: { ...picture, light }, readings: [] };
  const { field } = prepareStand(bare, bag).input;
  const whole = { ...bare, readings: readingsOf(field) };
  return { stand: whole, prepared: prepareStand(whole, bag) };
}

/** The light of a scene's cells behind the polariser that is on, its loss apart; without one the same. */
function throughPolariser(light: LightFigures, stand: Stand, bag: Bag): LightFigures {
  const change = polariserChange(stand, bag);
  return change ? figuresThrough(light, change) : light;
}

/**
 * By how much the polariser that is really on changes each place of a simulated frame, its loss apart, stops brighter: clear
 * sky by the simulated sun, and nothing below the skyline. Null where there is none, or nothing that it takes.
 */
export function polariserChange(stand: Stand, bag: Bag): ((place: FramePoint) => number) | null {
  const on = { ...stand, fitted: [...reallyOn(stand)] };
  const greatest = SKY_CLARITY[stand.bench?.air ?? 'clear'];
  const effect = fittedPolariser(on, bag) && greatest > 0 ? polariserOn(on, bag) : null;
  const change = effect && skyChange(on, effect.axisDeg, greatest);
  return change && ((place) => change(place) ?? 0);
}

/** What somebody reads who misses nothing: what each part of the frame has on the mean, and the brightest of the sky, to be held. */
function readingsOf(field: LightField): Reading[] {
  const brightest = brightestOf(field);
  return [
    ...ROLES.flatMap((role): Reading[] => {
      const ev100 = meanOf(field, role);
      return ev100 === null ? [] : [{ id: `true-${role}`, role, ev100, fromPicture: true }];
    }),
    ...(brightest ? [brightest] : []),
  ];
}

/** Patches that the frame is read in: a meter takes the mean of their light, and who reads the mean of what it shows. */
const PATCHES = { columns: 24, rows: 16 };

/** The mean of what a meter shows of a part of the frame, EV at ISO 100; null where there is none of it. */
function meanOf({ grid, regions, ev }: LightField, role: Role): number | null {
  const code = REGION_CODES.indexOf(role);
  const light = new Float64Array(PATCHES.columns * PATCHES.rows);
  const cells = new Float64Array(light.length);
  ev.forEach((stops, i) => {
    if (regions[i] !== code) return;
    const [column, row] = [i % grid.columns, Math.floor(i / grid.columns)];
    const patch =
      Math.floor((row * PATCHES.rows) / grid.rows) * PATCHES.columns +
      Math.floor((column * PATCHES.columns) / grid.columns);
    light[patch] = (light[patch] ?? 0) + 2 ** stops;
    cells[patch] = (cells[patch] ?? 0) + 1;
  });
  const all = cells.reduce((a, b) => a + b, 0);
  if (!all) return null;
  return cells.reduce((sum, n, i) => (n ? sum + n * Math.log2((light[i] ?? 0) / n) : sum), 0) / all;
}

/** So much of the sky may be brighter than what is held: the sun itself, or the rim of a cloud. */
const LET_GO_PART = 0.02;

/** The brightest of the sky that is worth holding, where it lies; null without a sky. */
function brightestOf({ grid, regions, ev }: LightField): Reading | null {
  const code = REGION_CODES.indexOf('sky');
  const sky = Array.from(ev, (stops, i) => ({ stops, i }))
    .filter(({ i }) => regions[i] === code)
    .sort((a, b) => b.stops - a.stops);
  const held = sky[Math.floor(LET_GO_PART * sky.length)];
  return (
    (held && {
      id: TRUE_BRIGHTEST,
      role: 'sky',
      limit: true,
      u: ((held.i % grid.columns) + 0.5) / grid.columns,
      v: (Math.floor(held.i / grid.columns) + 0.5) / grid.rows,
      spotAngleDeg: POINT_ANGLE_DEG,
      ev100: held.stops,
      fromPicture: true,
    }) ??
    null
  );
}
