import { type SceneOrder } from '@/core/scene';
import { type Stand, type StandShape } from '../stand/stand';
import { type BenchAir, type BenchChoice, type ExerciseId } from '../terms/bench';

/** A scene to be simulated, as a stand keeps it: the same light for the same order. */
export type BenchOrder = Pick<
  NonNullable<Stand['bench']>,
  'landscape' | 'seed' | 'sunAltitudeDeg' | 'sunBearingDeg'
> & {
  /** Absent: as the landscape usually has it. */
  readonly air?: BenchAir;
};

/** What an exercise sets up, and what it is about. */
export interface Exercise {
  readonly order: BenchOrder;
  readonly focalLengthMm: number;
  /** Parts of the frame that are no plain land or sky. */
  readonly shapes?: readonly StandShape[];
  /** Glass by its id in the bench's bag that is on the lens without being said. */
  readonly leftOn?: readonly string[];
  /** Glass that the picture is to be made with. */
  readonly asksFor?: readonly string[];
  /** What the usual mistake costs. */
  readonly about: BenchChoice | 'reflection' | 'order';
}

const WEST: StandShape = {
  id: 'west',
  name: 'west cone',
  region: 'feature',
  treat: 'protect',
  points: [
    { u: 0.06, v: 0.49 },
    { u: 0.24, v: 0.32 },
    { u: 0.295, v: 0.292 },
    { u: 0.36, v: 0.34 },
    { u: 0.5, v: 0.49 },
  ],
};
const EAST: StandShape = {
  id: 'east',
  name: 'east cone',
  region: 'feature',
  treat: 'protect',
  points: [
    { u: 0.56, v: 0.49 },
    { u: 0.69, v: 0.37 },
    { u: 0.73, v: 0.342 },
    { u: 0.8, v: 0.39 },
    { u: 0.93, v: 0.5 },
  ],
};
/** A trunk from its foot up through the sky. */
const trunk = (id: string, u: number): StandShape => ({
  id,
  name: 'birches',
  region: 'feature',
  treat: 'protect',
  points: [
    { u: u - 0.012, v: 0.7 },
    { u: u - 0.01, v: 0 },
    { u: u + 0.01, v: 0 },
    { u: u + 0.012, v: 0.7 },
  ],
});
const WATER: StandShape = {
  id: 'water',
  name: 'standing water',
  region: 'water',
  points: [
    { u: 0, v: 0.43 },
    { u: 1, v: 0.43 },
    { u: 1, v: 0.85 },
    { u: 0, v: 0.85 },
  ],
};

/** The ten exercises: each a scene in which the usual mistake costs something, and the plain way does not. */
export const EXERCISE_TABLE: Readonly<Record<ExerciseId, Exercise>> = {
  level: {
    order: { landscape: 'shore', seed: 11, sunAltitudeDeg: 12, sunBearingDeg: -75 },
    focalLengthMm: 20,
    about: 'glass',
  },
  peaks: {
    order: { landscape: 'cones', seed: 7, sunAltitudeDeg: 11, sunBearingDeg: -82 },
    focalLengthMm: 24,
    shapes: [WEST, EAST],
    about: 'glass',
  },
  slope: {
    order: { landscape: 'terraces', seed: 1, sunAltitudeDeg: 10, sunBearingDeg: 62 },
    focalLengthMm: 35,
    about: 'seat',
  },
  trees: {
    order: { landscape: 'birches', seed: 7, sunAltitudeDeg: 9, sunBearingDeg: -62 },
    focalLengthMm: 50,
    shapes: [0.105, 0.24, 0.355, 0.47, 0.575, 0.69, 0.845].map((u, i) => trunk(`t${i + 1}`, u)),
    about: 'glass',
  },
  reflection: {
    order: { landscape: 'pan', seed: 7, sunAltitudeDeg: 2.2, sunBearingDeg: 24 },
    focalLengthMm: 16,
    shapes: [WATER],
    about: 'reflection',
  },
  glow: {
    order: { landscape: 'dunes', seed: 7, sunAltitudeDeg: 5, sunBearingDeg: -27 },
    focalLengthMm: 24,
    about: 'glass',
  },
  'upside-down': {
    order: { landscape: 'snow', seed: 7, sunAltitudeDeg: 13, sunBearingDeg: -118 },
    focalLengthMm: 28,
    about: 'seat',
  },
  'long-lens': {
    order: { landscape: 'terraces', seed: 7, sunAltitudeDeg: 3, sunBearingDeg: 20 },
    focalLengthMm: 120,
    about: 'glass',
  },
  polariser: {
    order: { landscape: 'terraces', seed: 5, sunAltitudeDeg: 9, sunBearingDeg: -95 },
    focalLengthMm: 35,
    asksFor: ['polariser'],
    about: 'order',
  },
  nd: {
    order: { landscape: 'shore', seed: 4, sunAltitudeDeg: 4.5, sunBearingDeg: -38 },
    focalLengthMm: 20,
    leftOn: ['nd-6'],
    asksFor: ['nd-6'],
    about: 'time',
  },
};

/** The order as the simulator takes it. */
export const sceneOrder = (
  { landscape, seed, sunAltitudeDeg, sunBearingDeg, air }: BenchOrder,
  focalLengthMm: number | undefined,
  columns: number,
): SceneOrder => ({
  landscape,
  seed,
  sun: { altitudeDeg: sunAltitudeDeg, bearingDeg: sunBearingDeg },
  ...(air ? { air } : {}),
  ...(focalLengthMm === undefined ? {} : { view: { focalLengthMm } }),
  columns,
});
