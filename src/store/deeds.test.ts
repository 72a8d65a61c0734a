import { readBackupFile, readOutingFile, readStandFile } from '@/files';
import {
  type Bag,
  bagForStand,
  deriveStand,
  filtersById,
  glassReferences,
  meteredEv,
  sameContent,
  type Stand,
  type StandDocument,
  takenByGlass,
  throughLight,
} from '@/model';
import { type Plans } from '@/model/outing';
import { admitBag, admitPlans, admitStand } from '@/model/documents/gate';
import { memoryStorage } from '@/persist';
import { type Chance, chanceOf } from '@/testing/mutate';
import { DEEDS } from '@/testing/deeds';
import { seededIds } from '@/testing/ids';
import { valueOf } from '@/testing/results';
import { createWorkspace } from './workspace';
import { type Workspace } from './workspace-types';

const NAMES = Object.keys(DEEDS);
const RUNS = Number(process.env.DEEDS_RUNS ?? 6);
const DEEDS_A_RUN = 120;

let clock = Date.UTC(2026, 2, 14, 5);
const make = (storage = memoryStorage(), seed = 1) =>
  createWorkspace({
    open: async () => storage,
    newId: seededIds(seed),
    now: () => new Date((clock += 1000)).toISOString(),
  });

const bagOf = (workspace: Workspace): Bag => workspace.bag.state.getState().value;
const plansOf = (workspace: Workspace): Plans => workspace.plans.state.getState().value;
const documentsOf = (workspace: Workspace): StandDocument[] =>
  workspace.state.getState().stands.map((s) => s.document);

const stateOf = (workspace: Workspace) => {
  const { stands, notice } = workspace.state.getState();
  return [stands, notice, bagOf(workspace), plansOf(workspace)];
};

/** What a stand's readings mean: the light that each stands for, and the glass that is on and chosen. */
function meaningOf(document: StandDocument, workspaceBag: Bag) {
  const { stand } = document;
  const bag = bagForStand(document, workspaceBag);
  const glass = (ids: readonly string[]) => filtersById(bag, ids).map(({ id: _, archived: __, ...f }) => f);
  const through = throughLight(stand);
  const lights = [...stand.readings, ...(through ? [through] : [])];
  return [
    lights.map((light) => [meteredEv(light), takenByGlass(light, stand, bag)]),
    glass((stand.fitted ?? []).map((f) => f.filterId)),
    glass(stand.choice?.filterIds ?? []),
  ];
}

/** What a stand's own light and glass come to, whatever else is in the bag. */
function answersOf({ stand, ...document }: StandDocument, workspaceBag: Bag) {
  const bag = bagForStand({ ...document }, workspaceBag);
  const { prepared, chosen, fault, through } = deriveStand(stand, bag, null);
  const plain = (value: unknown) => JSON.parse(JSON.stringify(value ?? null)) as unknown;
  return plain({
    fault: fault?.reason,
    through: through?.seconds,
    light: prepared?.input.field.readings.map((r) => r.ev100),
    taken: prepared?.fitted,
    tones: chosen?.outcome.readings.map((r) => [r.dimmingStops, r.toneThroughStops]),
  });
}

const byName = (stand: Stand) => JSON.stringify([stand.id, stand.name]);

/** Everything that must hold of a state, whatever led to it. */
async function check(workspace: Workspace, storage: ReturnType<typeof memoryStorage>) {
  const bag = bagOf(workspace);
  expect(admitBag(null, bag)).toBeNull();
  valueOf(workspace.exportBag());
  const plans = plansOf(workspace);
  expect(admitPlans(null, plans)).toBeNull();
  for (const { id } of plans.outings) {
    const { text } = valueOf(workspace.exportOuting(id)!);
    const { outing } = valueOf(readOutingFile(text));
    expect(
      sameContent(
        outing,
        plans.outings.find((o) => o.id === id),
      ),
    ).toBe(true);
  }
  for (const document of documentsOf(workspace)) {
    expect(admitStand(null, document)).toBeNull();
    const { text } = valueOf(workspace.exportStand(document.stand.id));
    expect(sameContent(valueOf(readStandFile(text)).stand, document.stand)).toBe(true);
    const known = new Set(bagForStand(document, bag).filters.map((f) => f.id));
    for (const { id } of glassReferences(document.stand)) expect(known).toContain(id);
  }
  await workspace.settled();
  expect(workspace.state.getState().saving).toBe('saved');
  const again = make(storage, 2);
  await again.load();
  const sorted = (w: Workspace) =>
    documentsOf(w).toSorted((a, b) => (byName(a.stand) < byName(b.stand) ? -1 : 1));
  expect(sameContent(sorted(again), sorted(workspace))).toBe(true);
  expect(sameContent(bagOf(again), bag)).toBe(true);
  expect(sameContent(plansOf(again), plans)).toBe(true);
}

/** Everything, brought into a browser that is new: the same bag, the same stands with the same answers. */
async function checkElsewhere(workspace: Workspace) {
  const { file, unreadable } = valueOf(await workspace.backup());
  expect(unreadable).toEqual([]);
  expect(valueOf(readBackupFile(file.text)).refused).toEqual([]);
  const elsewhere = make(memoryStorage(), 3);
  await elsewhere.load();
  const report = valueOf(await elsewhere.restore(file.text));
  expect([report.refused, report.stands.inConflict, report.stands.leftOut]).toEqual([[], [], []]);
  expect([report.plans.inConflict, report.plans.leftOut]).toEqual([[], []]);
  expect(plansOf(elsewhere).outings).toHaveLength(
    report.plans.added.length - plansOf(elsewhere).places.length - (plansOf(elsewhere).extras ?? []).length,
  );
  // a browser in which nobody has said anything yet takes the bag over as it is
  expect(sameContent(bagOf(elsewhere), bagOf(workspace))).toBe(true);
  const there = new Map(documentsOf(elsewhere).map((d) => [d.stand.id, d]));
  for (const document of documentsOf(workspace)) {
    const other = there.get(document.stand.id);
    // one of two that are alike is enough
    if (other) expect(answersOf(other, bagOf(elsewhere))).toEqual(answersOf(document, bagOf(workspace)));
    else expect(report.stands.kept).toContain(document.stand.name.trim() || 'without a name');
  }
}

/** What a stand's light means does not change by what is done to the bag, or by files that come in. */
const MEANING_STAYS = (name: string) => !/^(?:use|undo|redo)/.test(name);

describe(`${NAMES.length} kinds of deeds in random order`, () => {
  it.each(Array.from({ length: RUNS }, (_, i) => i + 1))(
    'leave nothing that cannot be kept, written, read again, backed up and brought in elsewhere (seed %i)',
    async (seed) => {
      const chance: Chance = chanceOf(seed);
      const storage = memoryStorage();
      const workspace = make(storage, 100 + seed);
      await workspace.load();
      workspace.createStand();
      const done: string[] = [];
      for (let n = 0; n < DEEDS_A_RUN; n++) {
        const name = chance.pick(NAMES);
        done.push(name);
        const before = new Map(documentsOf(workspace).map((d) => [d.stand, meaningOf(d, bagOf(workspace))]));
        await DEEDS[name]!({ workspace, chance });
        for (const document of documentsOf(workspace)) {
          const answers = before.get(document.stand);
          if (answers && MEANING_STAYS(name))
            expect([name, meaningOf(document, bagOf(workspace))]).toEqual([name, answers]);
        }
        if (n % 30 === 29) await check(workspace, storage);
      }
      await check(workspace, storage);
      await checkElsewhere(workspace);
    },
  );
});

it('the deeds are at least sixty, and each does something in some run', async () => {
  expect(NAMES.length).toBeGreaterThanOrEqual(60);
  const chance = chanceOf(8);
  const storage = memoryStorage();
  const workspace = make(storage, 5);
  await workspace.load();
  const idle = new Set(NAMES);
  // what has done nothing yet is tried every other time; one of them never does
  for (let n = 0; n < 4000 && idle.size > 1; n++) {
    const name = chance.pick(n % 2 ? NAMES : [...idle]);
    const before = stateOf(workspace);
    await DEEDS[name]!({ workspace, chance });
    const after = stateOf(workspace);
    if (after.some((part, i) => part !== before[i])) idle.delete(name);
    if (workspace.state.getState().stands.length > 12)
      workspace.removeStand(workspace.state.getState().stands[11]!.id);
  }
  // what one brings in of one's own is here already
  expect([...idle]).toEqual(['bring one’s own bag in']);
});
