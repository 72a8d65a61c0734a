import { type LandscapeName } from '@/core/scene';

/** Landscapes that can be practised on; named here so that what keeps a stand need not know how they are made. */
export const BENCH_LANDSCAPES = [
  'pan',
  'cones',
  'terraces',
  'birches',
  'ridges',
  'dunes',
  'snow',
  'fall',
  'shore',
] as const satisfies readonly LandscapeName[];

/** How clear the air of a simulated sky is, which is how much of it a polariser can take. */
export const BENCH_AIRS = ['clear', 'hazy', 'overcast'] as const;
export type BenchAir = (typeof BENCH_AIRS)[number];

/** The exercises, in the order in which they are done. */
export const EXERCISES = [
  'level',
  'peaks',
  'slope',
  'trees',
  'reflection',
  'glow',
  'upside-down',
  'long-lens',
  'polariser',
  'nd',
] as const;
export type ExerciseId = (typeof EXERCISES)[number];

/** What is chosen between the meter and the shutter, each with a cost of its own. */
export type BenchChoice = 'glass' | 'seat' | 'time';

/** How a shot came out beside an experienced hand's. */
export const GRADES = ['as-good', 'near', 'not-yet'] as const;
export type Grade = (typeof GRADES)[number];
