import {
  assumedTransitionMm,
  type DensityProfile,
  type DensitySample,
  type GlassKind,
  DEFAULT_SHEET_WIDTH_MM,
  isDensity,
  kindNamed,
  polarises,
  sampledProfile,
  type Sheet,
  type SheetKind,
  stopsOfGlass,
  sheetReach,
  type TransitionName,
} from '@/core/glass';
import { type z } from 'zod';
import { type Schemas } from '../schema/schema';
import { type Kept } from '../stand/stand';

/** What the photographer owns: filters, the holder and its slots, lenses and cameras. */
export type Bag = Kept<z.infer<Schemas['bag']>>;
export type Filter = Bag['filters'][number];
export type SheetFilter = Extract<Filter, { kind: SheetKind }>;
/** A lens as it stands in the bag. */
export type BagLens = NonNullable<Bag['lenses']>[number];
/** A camera as it stands in the bag. */
export type BagCamera = NonNullable<Bag['cameras']>[number];
/** What of the holder bears on the seat and on the corners of the picture. */
export type Holder = NonNullable<Bag['holder']>;
/** A holder beside the usual one, with its slots and the lenses that it goes on. */
export type FurtherHolder = NonNullable<Bag['holders']>[number];
/** A round opening between the lens and the slots: an adapter, a screwed filter, a polariser's ring. */
export type Ring = NonNullable<Holder['rings']>[number];

export const isSheet = (filter: Filter): filter is SheetFilter => kindNamed(filter.kind).seated !== null;

/** The filters that ids name, in their order; those that are not in the bag are left out. */
export const filtersById = ({ filters }: Bag, ids: readonly string[]): Filter[] =>
  ids.flatMap((id) => filters.find((f) => f.id === id) ?? []);

/** Whether a filter takes a slot of the holder: what sits behind it or on the thread takes none. */
export const takesSlot = ({ sits }: Pick<Filter, 'sits'>): boolean => (sits ?? 'slot') === 'slot';

/** Whether a filter only takes light from the whole frame: an ND, and no polariser with it. */
export const isPlainNd = (filter: Filter): boolean => isDensity(filter) && !polarises(filter);

/** The filters that advice is made from: those in use, and of them those that are along today. */
export function filtersAtHand({ filters, pouch }: Bag): Filter[] {
  const along = pouch && new Set(pouch);
  return filters.filter((f) => !f.archived && (!along || along.has(f.id)));
}

/** How dense a sheet is along its length: as it was measured, else as it is sold. */
export const profileOf = (filter: SheetFilter): DensityProfile =>
  filter.measuredSamples ? { kind: 'measured', samples: filter.measuredSamples } : filter;

/** The filter as the optics need it. */
export function sheetOf(filter: SheetFilter): Sheet {
  const { sheetLengthMm, seamFromDarkEndMm } = filter;
  return {
    profile: profileOf(filter),
    dyed: filter.body === 'dyed',
    ...(sheetLengthMm === undefined ? {} : { reachMm: sheetReach(sheetLengthMm, seamFromDarkEndMm) }),
  };
}

/** Sheets this much narrower or wider than the holder takes still slide in it, mm. */
const SLACK_MM = 2;

/** Whether a sheet goes into the holder; one of unknown width, or into one of unknown width, does. */
export const fitsHolder = ({ sheetWidthMm: own }: Pick<Filter, 'sheetWidthMm'>, holder?: Holder): boolean =>
  own === undefined || holder?.sheetWidthMm === undefined || Math.abs(own - holder.sheetWidthMm) <= SLACK_MM;

/** Length of the holder's rail above the lens axis, mm: as the bag says, or half the width of its sheets. */
export function railAboveAxisMm(filter: SheetFilter, holder?: Holder): number {
  return holder?.railAboveAxisMm ?? (filter.sheetWidthMm ?? DEFAULT_SHEET_WIDTH_MM) / 2;
}

/** How far a sheet stands out of the holder at an offset, mm; null where its length is not known (solver). */
export function sticksOutMm(filter: SheetFilter, offsetMm: number, holder?: Holder): number | null {
  if (filter.sheetLengthMm === undefined) return null;
  return (filter.seamFromDarkEndMm ?? filter.sheetLengthMm / 2) + offsetMm - railAboveAxisMm(filter, holder);
}

/** The offset at which a sheet stands out so far: the other direction of `sticksOutMm`. */
export function offsetForSticksOutMm(filter: SheetFilter, outMm: number, holder?: Holder): number | null {
  const atAxis = sticksOutMm(filter, 0, holder);
  return atAxis === null ? null : outMm - atAxis;
}

const SAMPLE: readonly (readonly [TransitionName, readonly number[]])[] = [
  ['hard', [1, 2, 3]],
  ['medium', [2, 3]],
  ['soft', [1, 2, 3]],
];

/** The set a new workspace starts with, marked so: 100 by 150 mm sheets with assumed transitions. */
export function sampleBag(): Bag {
  const size = { sheetLengthMm: 150, sheetWidthMm: 100 };
  const graduated = SAMPLE.flatMap(([transition, strengths]) =>
    strengths.map((stops): Filter => ({
      id: `${transition}-${stops}`,
      name: `${stops} ${stops === 1 ? 'stop' : 'stops'}, ${transition}`,
      kind: 'graduated',
      stops,
      transitionMm: assumedTransitionMm(transition),
      ...size,
    })),
  );
  return {
    assumed: true,
    slots: 1,
    filters: [
      ...graduated,
      {
        id: 'reverse-3',
        name: '3 stops, reverse',
        kind: 'reverse',
        stops: 3,
        transitionMm: assumedTransitionMm('hard'),
        fadeMm: 45,
        floorStops: 1,
        ...size,
      },
    ],
  };
}

/** The same glass as another kind, with usual values for what the new kind adds. */
export function asKind<K extends GlassKind>(filter: Filter, kind: K): Extract<Filter, { kind: K }> {
  const { id, name, sheetLengthMm, sheetWidthMm, seamFromDarkEndMm } = filter;
  const transitionMm =
    'transitionMm' in filter ? filter.transitionMm : assumedTransitionMm('medium', sheetWidthMm);
  const values = kindNamed(kind).of({
    stops: stopsOfGlass(filter),
    transitionMm,
    samples: () => (isSheet(filter) ? sampled(filter) : []),
  });
  const body = kindNamed(kind).hasBody && 'body' in filter ? { body: filter.body } : {};
  const made = { id, name, ...body, sheetLengthMm, sheetWidthMm, seamFromDarkEndMm, kind, ...values };
  return made as unknown as Extract<Filter, { kind: K }>;
}

/** A profile as samples to correct, where its formula changes and half way between; those of one that was measured as they are. */
function sampled(filter: SheetFilter): readonly DensitySample[] {
  const profile = profileOf(filter);
  if ('samples' in profile) return [...profile.samples];
  return sampledProfile(profile, 2).map(({ mm, stops }) => ({ mm, stops: Math.round(stops * 100) / 100 }));
}

/** A sheet to begin with when one is added to the bag. */
export function newSheet(id: string, { filters, holder }: Bag): SheetFilter {
  const like = filters.find(isSheet);
  const sheetWidthMm = holder?.sheetWidthMm ?? like?.sheetWidthMm ?? DEFAULT_SHEET_WIDTH_MM;
  const usualMm = 1.5 * sheetWidthMm;
  return {
    id,
    kind: 'graduated',
    stops: 2,
    transitionMm: assumedTransitionMm('hard', sheetWidthMm),
    sheetLengthMm: like?.sheetWidthMm === sheetWidthMm ? (like.sheetLengthMm ?? usualMm) : usualMm,
    sheetWidthMm,
  };
}
