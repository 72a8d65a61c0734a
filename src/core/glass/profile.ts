import { type DensityProfile, type GlassKind, kindNamed } from './kinds';

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
