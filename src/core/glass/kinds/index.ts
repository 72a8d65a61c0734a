import { BAND } from './band';
import { COMBINED } from './combined';
import { GRADUATED } from './graduated';
import { type Kind, type Values } from './kind';
import { MEASURED } from './measured';
import { NEUTRAL } from './neutral';
import { POLARISER } from './polariser';
import { REVERSE } from './reverse';
import { VARIABLE } from './variable';

export type { DensitySample, Field, FieldType, Fields, Kind, Like, Values } from './kind';

/**
 * Every kind of glass there is; a new one is its file and its line here. What a rim says goes by the most telling word, the
 * last of these that it names: a reverse grad is also a grad, and any of them may be called ND.
 */
export const GLASS_KINDS = [
  NEUTRAL,
  GRADUATED,
  REVERSE,
  BAND,
  MEASURED,
  VARIABLE,
  POLARISER,
  COMBINED,
] as const;

type AnyKind = (typeof GLASS_KINDS)[number];

export type GlassKind = AnyKind['kind'];
/** Kinds of glass that are seated in a holder. */
export type SheetKind = Extract<AnyKind, { seated: object }>['kind'];

/** The values of a kind, with its name. */
export type ValuesOf<K extends GlassKind> =
  Extract<AnyKind, { kind: K }> extends Kind<K, infer F> ? { readonly kind: K } & Values<F> : never;

/** A density along a sheet: what its kind makes of its values. */
export type DensityProfile = { [K in SheetKind]: ValuesOf<K> }[SheetKind];

const BY_NAME = new Map<string, Kind>(GLASS_KINDS.map((kind) => [kind.kind, kind as unknown as Kind]));

/** The kind of some glass. */
export function kindNamed(name: GlassKind): Kind {
  const kind = BY_NAME.get(name);
  if (!kind) throw new Error(`no kind of glass is called ${name}`);
  return kind;
}

/** The names of the kinds that are seated, in the order in which they are offered. */
export const SHEET_KINDS = GLASS_KINDS.filter((k) => k.seated).map((k) => k.kind) as readonly SheetKind[];

/** Whether some glass takes light from the whole frame alike. */
export const isDensity = ({ kind }: { readonly kind: GlassKind }): boolean => !!kindNamed(kind).isDensity;

/** Whether some glass polarises. */
export const polarises = ({ kind }: { readonly kind: GlassKind }): boolean => !!kindNamed(kind).polarises;
