import { type Bag, filtersById, isSheet } from '../bag/bag';
import { meteredEv } from '../stand/metered';
import { takeEv } from '../check/evidence/light';
import { type MeteredLight, type Stand, throughLight } from '../stand/stand';
import { type LedgerEntry } from './entries';

/** What a filter took, once: its id, and stops. */
type Measured = readonly [filterId: string, stops: number];

/** Two looks are of the same light when they are so near to each other in time, ms. */
const SAME_LIGHT_MS = 5 * 60_000;

/**
 * What filters took by what was told anyway: two looks at one spot, or the camera's own two readings, without a filter and
 * through it; or two shots that were judged, with it and without. Only what was near in time, and differs by that filter
 * alone, tells. Sheets are left to the optics: what they take goes by the place.
 *
 * @param shots of this stand, in any order
 */
export function labelEvidence(stand: Stand, shots: readonly LedgerEntry[], bag: Bag): Measured[] {
  const through = throughLight(stand);
  const histories: (readonly MeteredLight[])[] = [
    ...stand.readings.map((r) => [...(r.earlier ?? []), r]),
    ...(through ? [[...(stand.through?.earlier ?? []), through]] : []),
  ];
  const seen = [...histories.flatMap((looks) => pairwise(looks.map(lookOf))), ...pairwise(judged(shots))];
  return seen.filter(([id]) => filtersById(bag, [id]).some((f) => !isSheet(f)));
}

/** How bright something was through some glass: EV that would have been read there without it, but for a shift common to all. */
interface Look {
  readonly ids: readonly string[];
  readonly ev: number;
  readonly atMs: number;
}

const lookOf = (light: MeteredLight): Look => ({
  ids: light.throughFilterIds ?? [],
  ev: meteredEv(light),
  atMs: Date.parse(light.takenAt ?? ''),
});

/** Shots whose brightness was judged, the first first: one that came out too dark let less light through than its settings say. */
const judged = (shots: readonly LedgerEntry[]): Look[] =>
  shots
    .flatMap(({ take, tooBrightStops }) =>
      tooBrightStops === null
        ? []
        : [
            {
              ids: [...take.filterIds, ...(take.fitted ?? []).map((f) => f.filterId)],
              ev: takeEv(take.exposure) + tooBrightStops,
              atMs: Date.parse(take.takenAt),
            },
          ],
    )
    .toSorted((a, b) => a.atMs - b.atMs);

/** What each next look tells of the one filter that it has more, or less, than the one before. */
function pairwise(looks: readonly Look[]): Measured[] {
  return looks.slice(1).flatMap((look, i): Measured[] => {
    const before = looks[i] as Look;
    if (!(Math.abs(look.atMs - before.atMs) <= SAME_LIGHT_MS)) return [];
    const [more, less] = look.ids.length > before.ids.length ? [look, before] : [before, look];
    const extra = more.ids.filter((id) => !less.ids.includes(id));
    const [only] = extra;
    if (only === undefined || extra.length + less.ids.length !== more.ids.length || extra.length > 1)
      return [];
    return [[only, less.ev - more.ev]];
  });
}
