import { smoothStep } from '@/core/numerics';
/**
 * How dense a sheet is along its length (physics 2). `y` is the distance in mm from the seam towards the dark end;
 * densities are in stops.
 */
export interface GraduatedProfile {
  readonly kind: 'graduated';
  readonly stops: number;
  readonly transitionMm: number;
}

export interface ReverseProfile {
  readonly kind: 'reverse';
  readonly stops: number;
  readonly transitionMm: number;
  readonly fadeMm: number;
  readonly floorStops: number;
}

export interface BandProfile {
  readonly kind: 'band';
  readonly stops: number;
  readonly transitionMm: number;
  readonly bandWidthMm: number;
}

export interface DensitySample {
  readonly mm: number;
  readonly stops: number;
}

/** A density that was measured: samples in ascending mm, joined linearly, level beyond the first and the last. */
export interface MeasuredProfile {
  readonly kind: 'measured';
  readonly samples: readonly DensitySample[];
}

export type DensityProfile = GraduatedProfile | ReverseProfile | BandProfile | MeasuredProfile;

/** A sheet as the optics need it. */
export interface Sheet {
  readonly profile: DensityProfile;
  /** How far it reaches either way of its seam, mm; absent: unlimited. */
  readonly reachMm?: readonly [clearEnd: number, darkEnd: number];
  /** Dyed in the mass, and so thicker to slanting light; coated glass is not. */
  readonly dyed?: boolean;
}

/** The greatest density of a profile, stops: what the sheet is sold as. */
export function profileStops(profile: DensityProfile): number {
  return profile.kind === 'measured' ? Math.max(...profile.samples.map((s) => s.stops)) : profile.stops;
}

/** `q^2 (3 - 2q)` with q held to 0..1. */
const smooth = (q: number): number => smoothStep(0, 1, q);

/** Density in stops at `y` mm from the seam, the sheet's ends not considered. */
export function densityAt(profile: DensityProfile, y: number): number {
  if (profile.kind === 'measured') return measuredAt(profile.samples, y);
  const { stops, transitionMm: w } = profile;
  switch (profile.kind) {
    case 'graduated':
      return stops * smooth((y + w / 2) / w);
    case 'reverse': {
      if (y <= w / 2) return stops * smooth((y + w / 2) / w);
      const faded = Math.min(1, (y - w / 2) / profile.fadeMm);
      return stops + (profile.floorStops - stops) * faded;
    }
    case 'band': {
      const b = profile.bandWidthMm;
      return stops * smooth((y + b / 2 + w / 2) / w) * smooth((b / 2 + w / 2 - y) / w);
    }
  }
}

function measuredAt(samples: readonly DensitySample[], y: number): number {
  const next = samples.findIndex((s) => s.mm >= y);
  const right = samples[next];
  const left = samples[next - 1];
  if (!right) return samples.at(-1)?.stops ?? 0;
  if (!left) return right.stops;
  return left.stops + ((right.stops - left.stops) * (y - left.mm)) / (right.mm - left.mm);
}

/** Where the formula of the density changes, in ascending mm: between two of these it is smooth. */
export function profileJoints(profile: DensityProfile): readonly number[] {
  if (profile.kind === 'measured') return profile.samples.map((s) => s.mm);
  const half = profile.transitionMm / 2;
  switch (profile.kind) {
    case 'graduated':
      return [-half, half];
    case 'reverse':
      return [-half, half, half + profile.fadeMm];
    case 'band': {
      const b = profile.bandWidthMm / 2;
      return [-b - half, -b + half, b - half, b + half].sort((p, q) => p - q);
    }
  }
}

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
