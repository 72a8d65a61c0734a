import { smoothStep } from '@/core/numerics';
import { type TransitionName } from '@/core/glass/kinds/transitions';

/** A density that was measured, so far from the seam towards the dark end. */
export interface DensitySample {
  readonly mm: number;
  readonly stops: number;
}

export type FieldType = 'stops' | 'lengthMm' | 'samples';

/** A value that glass of a kind has beside its size. */
export interface Field<T extends FieldType = FieldType> {
  readonly type: T;
  /** The column that a table has for it; null for none. */
  readonly column: string | null;
}

export type Fields = Readonly<Record<string, Field>>;

export type Values<F extends Fields> = {
  readonly [K in keyof F]: F[K] extends Field<'samples'> ? readonly DensitySample[] : number;
};

/** Glass that is to become of another kind: what it takes on. */
export interface Like {
  readonly stops: number;
  readonly transitionMm: number;
  /** Its density as samples, where its formula changes and half way between. */
  readonly samples: () => readonly DensitySample[];
}

/** How dense a sheet is along its length (physics 2). `y` is the distance in mm from the seam towards the dark end. */
export interface Seated<V> {
  /** Density in stops, the sheet's ends not considered. */
  readonly densityAt: (values: V, y: number) => number;
  /** Where the formula of the density changes, in ascending mm: between two of these it is smooth. */
  readonly joints: (values: V) => readonly number[];
  /** It is made for a glow along the skyline (solver: no-glow). */
  readonly forGlow: boolean;
}

/** How a kind is printed on a rim. */
export interface Printed {
  /** Words that name it. */
  readonly words: RegExp;
  /** The word for it on a rim of one's own; empty where its strength says it. */
  readonly word: string;
  /** The transition it has unless one is named; null for glass without one. */
  readonly transition: TransitionName | null;
  /** A transition that is not named is worth asking for. */
  readonly asksTransition: boolean;
  /** Strength where none is printed, stops; null where one must be. */
  readonly usualStops: number | null;
}

/** A kind of glass: all that parts it from others, but for its words in the interface. */
export interface Kind<K extends string = string, F extends Fields = Fields, B extends boolean = boolean> {
  readonly kind: K;
  readonly fields: F;
  /** Null for glass that covers the whole frame alike. */
  readonly seated: Seated<Values<F>> | null;
  /** What it is sold as, stops. */
  readonly stopsOf: (values: Values<F>) => number;
  /** Values for what it has, of glass that was of another kind. */
  readonly of: (like: Like) => Values<F>;
  /** It takes light from the whole frame alike, as an ND does. */
  readonly isDensity?: boolean;
  /** It turns polarised light away: readings through it have lost what it takes. */
  readonly polarises?: boolean;
  /** It may be dyed in its mass or coated, which makes a difference. */
  readonly hasBody: B;
  /** Values that do not go together: which, and what they may be. */
  readonly faultOf?: (
    values: Values<F>,
  ) => { readonly path: readonly (string | number)[]; readonly message: string } | null;
  /** Null for glass that no rim names. */
  readonly printed: Printed | null;
}

export interface SheetOfKind<K extends string = string, F extends Fields = Fields> extends Kind<K, F, true> {
  readonly seated: Seated<Values<F>>;
}

/** A kind of glass that is seated in a holder, as it is written. */
export const sheetKind = <const K extends string, const F extends Fields>(
  kind: SheetOfKind<K, F>,
): SheetOfKind<K, F> => kind;

/** A kind of glass that covers the whole frame alike. */
export const coverKind = <const K extends string, const F extends Fields, const B extends boolean>(
  kind: Omit<Kind<K, F, B>, 'seated'>,
): Kind<K, F, B> & { readonly seated: null } => ({ ...kind, seated: null });

export const STOPS = { type: 'stops', column: 'stops' } as const;
export const TRANSITION = { type: 'lengthMm', column: 'transition_mm' } as const;

/** From none to all over a transition about the seam: `q^2 (3 - 2q)` with q held to 0..1. */
export const rise = (y: number, transitionMm: number): number =>
  smoothStep(0, 1, (y + transitionMm / 2) / transitionMm);
