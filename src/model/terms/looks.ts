import { DRAW_LOOK, GAP_LOOK, HEAVY_LOOK, LEAST_LOOK, type LookSolver, SUN_LOOK } from '@/core/balance';

/** What a look is like: everything that parts one from another, but for its words (glossary: the looks). */
export interface LookTraits {
  /** How glass is chosen; a bracket, which uses none, is judged as Natural would where glass is looked at. */
  readonly solver: LookSolver;
  /** Glass is chosen and seated; else exposures take its place. */
  readonly usesGlass: boolean;
  /** It goes by what is read of sky and land; else by where the sun stands. */
  readonly readsLight: boolean;
  /** The gap it starts with and may have, stops, negative where the sky is to be darker; null where it has none. */
  readonly gap: { readonly usual: number; readonly range: readonly [number, number] } | null;
  /** The exposure can be placed by hand; else the look itself says where it lies. */
  readonly placesExposure: boolean;
  /** How far the brighter side's own unevenness is evened out too, unless that is set, 0 to 1; null where none of it is. */
  readonly follow: number | null;
  /** The land is lifted afterwards, and what that costs is told. */
  readonly lifts: boolean;
  /** Glass that is not in the bag can be named as better by its score. */
  readonly comparesStock: boolean;
}

const KEEPS_A_GAP = {
  solver: GAP_LOOK,
  usesGlass: true,
  readsLight: true,
  placesExposure: true,
  follow: 0.5,
  lifts: false,
  comparesStock: true,
} as const;

/** The looks, in the order in which they are offered. */
export const LOOKS = {
  even: { ...KEEPS_A_GAP, gap: { usual: 0, range: [0, 0] } },
  natural: { ...KEEPS_A_GAP, gap: { usual: 1, range: [0.3, 2] } },
  heavy: { ...KEEPS_A_GAP, solver: HEAVY_LOOK, gap: { usual: -1, range: [-2, -0.3] } },
  draw: { ...KEEPS_A_GAP, solver: DRAW_LOOK, gap: { usual: -1, range: [-2, -0.7] } },
  least: {
    ...KEEPS_A_GAP,
    solver: LEAST_LOOK,
    gap: null,
    placesExposure: false,
    follow: null,
    lifts: true,
    comparesStock: false,
  },
  bracket: {
    ...KEEPS_A_GAP,
    usesGlass: false,
    gap: null,
    placesExposure: false,
    follow: null,
    comparesStock: false,
  },
  sun: { ...KEEPS_A_GAP, solver: SUN_LOOK, readsLight: false, gap: null, follow: null },
} as const satisfies Record<string, LookTraits>;

export type School = keyof typeof LOOKS;

export const SCHOOLS = Object.keys(LOOKS) as [School, ...School[]];

/** The look that a new stand begins with, until another is said to be the usual one. */
export const FIRST_LOOK: School = 'natural';

/** What the look of a stand is like. */
export const traitsOf = ({ look }: { readonly look: { readonly school: School } }): LookTraits =>
  LOOKS[look.school];
