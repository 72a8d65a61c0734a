import { type z } from 'zod';
import { type Schemas } from '../schema/schema';
import { type Kept } from '../stand/stand';

/** What is planned: outings, places of one's own, and what is taken along beside the glass; what its fields mean stands in the schema. */
export type Plans = Kept<z.infer<Schemas['plans']>>;

/** A trip: a day, a place, the framings meant for it, tide, weather, what is packed (glossary). */
export type Outing = Plans['outings'][number];
/** A framing of an outing, in its turn. */
export type Framing = Outing['framings'][number];
export type TideWish = NonNullable<Framing['tide']>;
export type Weather = NonNullable<Outing['weather']>;

/** A place of one's own. */
export type OwnPlace = Plans['places'][number];
/** When to come back to a place. */
export type ComeBack = NonNullable<OwnPlace['again']>[number];

/** Something taken along that is neither glass nor camera. */
export type Extra = NonNullable<Plans['extras']>[number];

export const NO_PLANS: Plans = { outings: [], places: [] };
