import choices from '../../tests/vectors/choices.json' with { type: 'json' };
import comingLight from '../../tests/vectors/coming-light.json' with { type: 'json' };
import physics from '../../tests/vectors/physics.json' with { type: 'json' };
import stands from '../../tests/vectors/stands.json' with { type: 'json' };

/** Reference numbers computed independently of the product; a case's `file` is a whole stand file. */
export interface StandCase {
  readonly name: string;
  readonly file: unknown;
  readonly expect: {
    readonly spanStops: number;
    readonly neededStops: number;
    readonly ranking: readonly {
      readonly filterIds: readonly string[];
      readonly offsetMm: number | null;
      readonly turnDeg: number | null;
      readonly fitStops: number;
      readonly unevenStops: number;
      readonly levelStops: number;
      readonly spillStops: number;
      readonly leakStops: number;
      readonly scoreStops: number;
      readonly playMm: readonly [number, number] | null;
    }[];
  };
}

export interface ChoiceCase {
  readonly name: string;
  readonly file: unknown;
  readonly accept: readonly (readonly string[])[];
  readonly upsideDown: boolean;
}

type SkyOfVectors = 'clear' | 'broken' | 'covered';
type ForSky<T> = Omit<T, 'sky'> & { readonly sky: SkyOfVectors };
type ComingLight = { [K in keyof typeof comingLight]: ForSky<(typeof comingLight)[K][number]>[] };

export const PHYSICS = physics;
export const COMING_LIGHT = comingLight as unknown as ComingLight;
export const STANDS = stands as unknown as readonly StandCase[];
export const CHOICES = choices as unknown as readonly ChoiceCase[];
