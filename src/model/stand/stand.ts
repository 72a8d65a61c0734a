import { type z } from 'zod';
import { type Schemas } from '../schema/schema';

/** What is kept is never changed in place. */
export type Kept<T> = T extends readonly (infer E)[]
  ? readonly Kept<E>[]
  : T extends object
    ? { readonly [K in keyof T]: Kept<T[K]> }
    : T;

type StandOfFile = Kept<z.infer<Schemas['stand']>>;

/** A part of the frame whose region is drawn. */
export type StandShape = NonNullable<StandOfFile['shapes']>[number] & { readonly id: string };

/** A stand as it is today (glossary); what its fields mean stands in the schema that they are inferred from. */
export type Stand = Omit<StandOfFile, 'shapes'> & { readonly shapes?: readonly StandShape[] | undefined };

export type Camera = Stand['camera'];
export type StandLens = Stand['lens'];
export type StandLook = Stand['look'];
/** How a bracket is to be made. */
export type BracketWish = NonNullable<Stand['bracket']>;
/** A picture as a stand keeps it: where its pixels are found, and the figures read from it. */
export type StandPhoto = NonNullable<Stand['picture']>;
export type PhotoExposure = NonNullable<StandPhoto['exposure']>;
export type FittedFilter = NonNullable<Stand['fitted']>[number];
/** The glass and the seat that the photographer chose over the computed ones. */
export type Choice = NonNullable<Stand['choice']>;

/** A shot. */
export type Take = NonNullable<Stand['takes']>[number];
/** Something that a shot showed. */
export type Seen = NonNullable<Stand['seen']>[number];

/** A spot-meter reading. */
export type Reading = Stand['readings'][number];
/** What a meter showed of a spot, when, and through what: camera settings as they stood there, or an EV. */
export type MeteredLight = NonNullable<Stand['through']>;
/** A reading as it is entered, which has no id yet, or one that has. */
export type EnteredReading = Omit<Reading, 'id'> & { readonly id?: string };

/** What the camera read through all that was on; minors before 8 called it the whole scene. */
export const throughLight = ({
  through,
  wholeScene,
}: Pick<Stand, 'through' | 'wholeScene'>): MeteredLight | undefined => through ?? wholeScene;

/** The moment of a stand's light, ISO 8601: as it was told, else when the stand was begun. */
export const momentOf = ({ lightAt, createdAt }: Pick<Stand, 'lightAt' | 'createdAt'>): string =>
  lightAt ?? createdAt;
