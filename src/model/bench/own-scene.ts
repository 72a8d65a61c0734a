import { type BENCH_LANDSCAPES } from '../terms/bench';

/** Focal length that a landscape is usually seen with, mm. */
export const USUAL_LENS_MM: Readonly<Record<(typeof BENCH_LANDSCAPES)[number], number>> = {
  pan: 16,
  cones: 24,
  terraces: 35,
  birches: 50,
  ridges: 180,
  dunes: 24,
  snow: 28,
  fall: 28,
  shore: 20,
};

/** Hours by how high the sun stands then, degrees. */
export const BENCH_HOURS = { dusk: -4, edge: 1.5, low: 7, morning: 20, noon: 50 } as const;
export type BenchHour = keyof typeof BENCH_HOURS;

/** Where the sun stands, degrees from the viewing direction, to the right positive. */
export const BENCH_SUNS = { ahead: 12, left: -80, right: 80, behind: 150 } as const;
export type BenchSun = keyof typeof BENCH_SUNS;

/** Focal lengths that a scene is seen with, mm. */
export const BENCH_LENS_MM = [12, 300] as const;
