import fc from 'fast-check';
import { anyBag, bagWithNds, testStand } from '@/testing/fixtures';
import { seededIds } from '@/testing/ids';
import { type Bag, type Filter, sampleBag } from '../bag/bag';
import { duplicateFilter, putFilter, removeFilter } from '../bag/edits';
import { choose } from '../stand/choice';
import { takenByGlass } from '../resolve/metered';
import { addReading } from '../readings/edits';
import { type Stand } from '../stand/stand';
import { alike } from '../records/alike';
import {
  bagForStand,
  bringsNothingNew,
  changedGlass,
  newFilters,
  type StandDocument,
  withCopies,
  withGlassOfToday,
  withNewFilters,
  withStand,
  withWorkspaceBag,
} from './document';
import { broughtStand, mergeBag } from './merge';
import { withGlassIds } from '../stand/parts';
import { glassReferences } from './references';

const nd = (id: string, stops: number): Filter => ({ id, kind: 'neutral', stops });
const documentOf = (stand: Stand, bag: Bag | null = null): StandDocument => ({
  stand,
  bag,
  used: [],
  minor: 0,
});
const bringing = {
  nameOf: (item: { name?: string | undefined; id: string }) => item.name ?? item.id,
  from: 'from the file',
  newId: seededIds(),
};

/** A stand that names glass in every way there is. */
const everywhere = (ids: readonly [string, string, string, string, string, string]): Stand => ({
  ...testStand(),
  choice: { filterIds: [ids[0]], offsetMm: 1, turnDeg: 0 },
  fitted: [{ filterId: ids[1], slot: 1 }],
  wholeScene: { ev100: 8, throughFilterIds: [ids[2]] },
  readings: [
    {
      id: 'r1',
      role: 'land',
      ev100: 6,
      u: 0.5,
      v: 0.5,
      throughFilterIds: [ids[3], ids[4]],
      seat: { filterId: ids[4], offsetMm: 2, turnDeg: 0 },
      earlier: [{ ev100: 5, throughFilterIds: [ids[5]] }],
    },
  ],
});

/** What the glass took from a stand's first reading. */
const taken = (document: StandDocument, workspace: Bag) =>
  takenByGlass(document.stand.readings[0]!, document.stand, bagForStand(document, workspace));

describe('references to glass', () => {
  it('are found and put anew everywhere that they stand, and nothing else is touched', () => {
    const ids = ['a', 'b', 'c', 'd', 'e', 'f'] as const;
    const stand = everywhere(ids);
    expect(
      glassReferences(stand)
        .map((r) => r.id)
        .toSorted(),
    ).toEqual(['a', 'b', 'c', 'd', 'e', 'e', 'f']);
    const renamed = withGlassIds(stand, (id) => `new-${id}`);
    expect(renamed).toEqual(everywhere(['new-a', 'new-b', 'new-c', 'new-d', 'new-e', 'new-f']));
    for (const { id, path } of glassReferences(stand))
      expect(path.reduce<any>((at, key) => at[key], stand)).toBe(id);
    expect(withGlassIds(testStand(), () => 'x')).toEqual(testStand());
  });
});

describe('a stand’s own copies of its glass', () => {
  const through = addReading(testStand({ readings: [] }), {
    id: 'r1',
    role: 'land',
    ev100: 4.5,
    throughFilterIds: ['n6'],
  });

  it('keep a reading what it was when a filter is removed and another put in (fault 1)', () => {
    const bag = bagWithNds();
    const document = withCopies(documentOf(through), bag);
    expect(taken(document, bag)).toBe(6);
    const newId = seededIds();
    const later = putFilter(removeFilter(bag, 'n6'), nd(newId('g'), 10));
    expect(taken(document, later)).toBe(6);
    // and when an older version has given the id to another
    expect(taken(document, putFilter(removeFilter(bag, 'n6'), nd('n6', 10)))).toBe(6);
    // what is gone is no advice
    const gone = bagForStand(document, removeFilter(bag, 'n6')).filters.find((f) => f.id === 'n6');
    expect(gone).toMatchObject({ stops: 6, archived: true });
  });

  it('win over what has changed in the bag, until the bag’s is asked for', () => {
    const bag = bagWithNds();
    const document = withCopies(documentOf(through), bag);
    expect(bagForStand(document, bag)).toBe(bag);
    const changed = putFilter(bag, nd('n6', 6.5));
    expect(taken(document, changed)).toBe(6);
    expect(changedGlass(document, changed)).toEqual([{ copy: nd('n6', 6), now: nd('n6', 6.5) }]);
    const edited = withStand(document, { ...through, name: 'another name' }, changed);
    expect(taken(edited, changed)).toBe(6);
    const today = withGlassOfToday(edited, changed);
    expect(taken(today, changed)).toBe(6.5);
    expect(changedGlass(today, changed)).toEqual([]);
  });

  it('do not hide that a filter is put away, nor differ by it', () => {
    const bag = bagWithNds();
    const document = withCopies(documentOf(through), bag);
    const away = putFilter(bag, { ...nd('n6', 6), archived: true });
    expect(changedGlass(document, away)).toEqual([]);
    expect(bagForStand(document, away)).toBe(away);
  });

  it('stand in for glass of which nothing is known, which took nothing then either (fault 62)', () => {
    const document = withCopies(documentOf(through), sampleBag());
    expect(document.used).toMatchObject([{ id: 'n6', kind: 'neutral', stops: 0, archived: true }]);
    expect(taken(document, sampleBag())).toBe(0);
  });

  it('are there for every reference, whatever is done', () => {
    fc.assert(
      fc.property(anyBag, fc.array(fc.nat(20), { minLength: 6, maxLength: 6 }), (bag, picks) => {
        const ids = picks.map((n) => bag.filters[n]?.id ?? `gone-${n}`);
        const document = withCopies(documentOf(everywhere(ids as never)), bag);
        const known = new Set(bagForStand(document, bag).filters.map((f) => f.id));
        for (const { id } of glassReferences(document.stand)) expect(known).toContain(id);
        expect(withCopies(document, bag)).toBe(document);
      }),
    );
  });
});

describe('glass that comes in', () => {
  it('takes the references of its stands along when it is renamed (fault 2)', () => {
    const ours: Bag = { filters: [nd('g1', 6)] };
    const theirs: Bag = { filters: [nd('g1', 10), nd('g2', 3)] };
    const stand = addReading(testStand({ readings: [] }), {
      id: 'r1',
      role: 'land',
      ev100: 0,
      throughFilterIds: ['g1'],
    });
    const merged = mergeBag(ours, theirs, bringing);
    const here = broughtStand(documentOf(stand), theirs, merged.ids);
    expect(taken(here, merged.bag)).toBe(10);
    expect(here.stand.readings[0]!.throughFilterIds).toEqual([merged.ids.glass.get('g1')]);
    expect(merged.bag.filters.find((f) => f.id === merged.ids.glass.get('g1'))).toMatchObject({ stops: 10 });
    // the same again is here already, under the id that it has here
    const again = mergeBag(merged.bag, theirs, bringing);
    expect(again.bag).toBe(merged.bag);
    expect(again.ids.glass.get('g1')).toBe(merged.ids.glass.get('g1'));
  });

  it('that there is no room for is named, and kept by its stands (fault 6)', () => {
    const many = (letter: string): Bag => ({
      filters: Array.from({ length: 150 }, (_, i) =>
        nd(`${letter}${i}`, 1 + (letter === 'b' ? 0.05 : 0) + i / 10),
      ),
    });
    const theirs = many('b');
    const { bag, report, ids } = mergeBag(many('a'), theirs, bringing);
    expect(bag.filters).toHaveLength(200);
    expect(report.leftOut.length).toBeGreaterThan(80);
    const stand = choose(testStand(), { filterIds: ['b149'], offsetMm: 0, turnDeg: 0 });
    const here = broughtStand(documentOf(stand), theirs, ids);
    expect(bagForStand(here, bag).filters.find((f) => f.id === 'b149')).toMatchObject({
      stops: expect.closeTo(15.95, 9),
    });
  });

  it('is alike by one definition: not by its id, its order of keys, what it leaves out or where it is put (fault 10)', () => {
    const sheet = sampleBag().filters[0]!;
    expect(alike(sheet, { ...sheet, id: 'other', archived: true })).toBe(true);
    expect(alike({ ...sheet, body: undefined } as Filter, sheet)).toBe(true);
    expect(alike(sheet, { ...sheet, name: 'mine' })).toBe(false);
    const unsaid: Bag = {
      ...sampleBag(),
      filters: sampleBag().filters.map((f) => ({ ...f, body: undefined }) as Filter),
    };
    expect(bringsNothingNew({ bag: JSON.parse(JSON.stringify(unsaid)) as Bag }, unsaid)).toBe(true);
    expect(newFilters({ bag: sampleBag() }, unsaid)).toEqual([]);
  });

  it('comes along today with what one adds of it (fault 10)', () => {
    const bag: Bag = { ...sampleBag(), pouch: ['hard-1'] };
    const own = documentOf(testStand(), {
      filters: [nd('own', 3), { ...sampleBag().filters[0]!, name: 'x' }],
    });
    const grown = withNewFilters(own, bag, seededIds());
    const added = grown.filters.slice(bag.filters.length).map((f) => f.id);
    expect(added).toHaveLength(2);
    expect(grown.pouch).toEqual(['hard-1', ...added]);
  });

  it('means the same after a stand that brought it is worked out with one’s own', () => {
    const theirs: Bag = { filters: [nd('n6', 10), ...sampleBag().filters] };
    const stand = addReading(testStand({ readings: [] }), {
      id: 'r1',
      role: 'land',
      ev100: 0,
      throughFilterIds: ['n6'],
    });
    const mine = bagWithNds();
    const own = withCopies(documentOf(stand, theirs), mine);
    expect(taken(own, mine)).toBe(10);
    const now = withWorkspaceBag(own, mine, seededIds());
    expect(now.bag).toBeNull();
    expect(taken(now, mine)).toBe(10);
    // the ND of ten of one's own is that one
    expect(now.stand.readings[0]!.throughFilterIds).toEqual(['n10']);
  });
});

it('a duplicate is another thing, with an id that none has had', () => {
  const newId = seededIds();
  const bag = duplicateFilter(sampleBag(), 'hard-2', newId('g'));
  const ids = bag.filters.map((f) => f.id);
  expect(new Set(ids).size).toBe(ids.length);
  const many = Array.from({ length: 5_000 }, () => newId('g'));
  expect(new Set(many).size).toBe(many.length);
});
