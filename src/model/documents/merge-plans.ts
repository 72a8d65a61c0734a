import { contentOf } from '../records/alike';
import { type Bringing, mergeList, type MergeReport, type RenamedIds, togetherReport } from './merge';
import { PLANS_PARTS } from '../outing/parts';
import { type Extra, type Outing, type OwnPlace, type Plans } from '../outing/plans';

/** What the stands of a file go by here, and the things of its bag. */
export interface PlanIds extends RenamedIds {
  readonly stands: ReadonlyMap<string, string>;
}

/** What is planned here with what a file brings: nothing that is here is altered. The same where it brings nothing. */
export function mergePlans(
  ours: Plans,
  theirs: Plans,
  ids: PlanIds,
  bringing: Bringing,
): { readonly plans: Plans; readonly report: MergeReport } {
  const rules = { ...bringing, contentOf };
  const standOf = (id: string) => ids.stands.get(id) ?? id;
  const places = mergeList<OwnPlace>(
    ours.places,
    theirs.places.map((place) => ({
      ...place,
      ...(place.framings
        ? {
            framings: place.framings.map((f) =>
              f.standId === undefined ? f : { ...f, standId: standOf(f.standId) },
            ),
          }
        : {}),
    })),
    { ...rules, ...PLANS_PARTS.places.join },
  );
  const extras = mergeList<Extra>(ours.extras, theirs.extras, { ...rules, ...PLANS_PARTS.extras.join });
  const keyOf = (key: string) => renamedKey(key, { ...ids, extras: extras.ids });
  const outings = mergeList<Outing>(
    ours.outings,
    theirs.outings.map(({ placeId, packed, ...outing }) => ({
      ...outing,
      framings: outing.framings.map((s) =>
        s.standId === undefined ? s : { ...s, standId: standOf(s.standId) },
      ),
      ...(placeId === undefined ? {} : { placeId: places.ids.get(placeId) ?? placeId }),
      ...(packed ? { packed: packed.map(keyOf) } : {}),
    })),
    { ...rules, ...PLANS_PARTS.outings.join },
  );
  const report = togetherReport([outings, places, extras].map((m) => m.report));
  const weights = {
    ...Object.fromEntries(Object.entries(theirs.weights ?? {}).map(([key, grams]) => [keyOf(key), grams])),
    ...ours.weights,
  };
  const addsWeights = Object.keys(weights).length > Object.keys(ours.weights ?? {}).length;
  if (!addsWeights && [outings, places, extras].every((m) => !m.added.length)) return { plans: ours, report };
  return {
    plans: {
      ...ours,
      outings: [...ours.outings, ...outings.added],
      places: [...ours.places, ...places.added],
      ...(extras.added.length ? { extras: [...(ours.extras ?? []), ...extras.added] } : {}),
      ...(addsWeights ? { weights } : {}),
    },
    report,
  };
}

/** The key that a thing is packed by, under the id that it has here. */
function renamedKey(
  key: string,
  { glass, lenses, cameras, holders, extras }: RenamedIds & { readonly extras: ReadonlyMap<string, string> },
): string {
  const [what, id] = [key.slice(0, key.indexOf(':')), key.slice(key.indexOf(':') + 1)];
  const ids = { glass, lens: lenses, camera: cameras, holder: holders, extra: extras }[what];
  const renamed = ids?.get(id);
  return renamed === undefined ? key : `${what}:${renamed}`;
}
