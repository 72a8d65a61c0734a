import { type LandscapeKind } from '@/core/scene/parts/landscape';
import { birches } from './birches';
import { cones } from './cones';
import { dunes } from './dunes';
import { fall } from './fall';
import { pan } from './pan';
import { ridges } from './ridges';
import { shore } from './shore';
import { snow } from './snow';
import { terraces } from './terraces';

/** The landscapes that there are. */
export const LANDSCAPES = {
  pan,
  cones,
  terraces,
  birches,
  ridges,
  dunes,
  snow,
  fall,
  shore,
} as const satisfies Record<string, LandscapeKind>;

export type LandscapeName = keyof typeof LANDSCAPES;
