import { type DensityProfile, type DensitySample, type GlassKind, kindNamed } from './kinds';

/** A sheet as the optics need it. */
export interface Sheet {
  readonly profile: DensityProfile;
  /** How far it reaches either way of its seam, mm; absent: unlimited. */
  readonly reachMm?: readonly [clearEnd: number, darkEnd: number];
  /** Dyed in the mass, and so thicker to slanting light; coated glass is not. */
  readonly dyed?: boolean;
}

/** What glass is sold as, stops: of a sheet the greatest density of its profile. */
export const stopsOfGlass = (glass: { readonly kind: GlassKind }): number =>
  kindNamed(glass.kind).stopsOf(glass as never);

/** Density in stops along a profile, by the distance in mm from the seam, the sheet's ends not considered. */
export function densityAlong(profile: DensityProfile): (y: number) => number {
  const { seated } = kindNamed(profile.kind);
  if (!seated) throw new Error(`${profile.kind} is no sheet`);
  return (y) => seated.densityAt(profile as never, y);
}

/** `densityAlong` at one place. */
export const densityAt = (profile: DensityProfile, y: number): number => densityAlong(profile)(y);

/** Where the formula of the density changes, in ascending mm: between two of these it is smooth. */
export const profileJoints = (profile: DensityProfile): readonly number[] =>
  kindNamed(profile.kind).seated?.joints(profile as never) ?? [];

/** Whether a profile is made for a glow along the skyline. */
export const isForGlow = (profile: DensityProfile): boolean =>
  kindNamed(profile.kind).seated?.forGlow ?? false;

/** Density in stops of a sheet that ends: beyond its ends there is no glass. */
export function sheetDensityAt(sheet: Sheet, y: number): number {
  const { reachMm } = sheet;
  return reachMm && (y < reachMm[0] || y > reachMm[1]) ? 0 : densityAt(sheet.profile, y);
}

/** A profile as samples: at its joints, and so many stretches apart between two of them. */
export function sampledProfile(profile: DensityProfile, stretches: number): DensitySample[] {
  const joints = profileJoints(profile);
  const densityOf = densityAlong(profile);
  const places = joints.flatMap((joint, i) => {
    const before = joints[i - 1];
    if (before === undefined) return [joint];
    return Array.from({ length: stretches }, (_, k) => before + ((joint - before) * (k + 1)) / stretches);
  });
  return places.map((mm) => ({ mm, stops: densityOf(mm) }));
}

/** Stretches that a profile is cut into to be slid: straight within a thousandth of its strength. */
const STRETCHES = 24;

/** A sheet that is slid by itself, mm towards its dark end: its profile as samples, its ends with it. */
export function slidSheet(sheet: Sheet, mm: number): Sheet {
  const samples = sampledProfile(sheet.profile, STRETCHES).map((s) => ({ ...s, mm: s.mm + mm }));
  return {
    ...sheet,
    profile: { kind: 'measured', samples },
    ...(sheet.reachMm ? { reachMm: [sheet.reachMm[0] + mm, sheet.reachMm[1] + mm] as const } : {}),
  };
}

/** Joints of the profile and the sheet's ends, ascending mm. */
export function sheetJoints(sheet: Sheet): readonly number[] {
  return [...profileJoints(sheet.profile), ...(sheet.reachMm ?? [])].sort((a, b) => a - b);
}

/** How far a sheet reaches either way of its seam: from `fromDarkEnd - length` to `fromDarkEnd`, mm (physics 2). */
export function sheetReach(
  lengthMm: number,
  seamFromDarkEndMm = lengthMm / 2,
): readonly [clearEnd: number, darkEnd: number] {
  return [seamFromDarkEndMm - lengthMm, seamFromDarkEndMm];
}
