import fc from 'fast-check';
import {
  allThatIsOn,
  deriveStand,
  newcomerBag,
  prepareStand,
  sameSet,
  setOf,
  type Stand,
  WAYS,
  withSheets,
  withThrough,
} from '@/model';
import { anyStand } from '@/testing/fixtures';
import { ladderData } from '@/views/stand/ladder/ladder-data';
import { glanceLine } from '@/workers/glance';
import {
  exposureText,
  fitFigure,
  mmFigure,
  remoteText,
  sideNames,
  slipLine,
  slipOf,
  slipSentence,
  spanText,
  verdictText,
} from '@/words';
import { planStand } from './plan-report';

const bag = newcomerBag();
const ids = bag.filters.map((f) => f.id);
const sheets = ids.filter((id) => /^(hard|soft|medium|reverse)/.test(id));

/** A stand as it may stand after any way in: sheets put on by eye, NDs and a polariser on, read through it all, or metered. */
const anyWay = fc
  .record({
    stand: anyStand,
    way: fc.constantFrom(...WAYS),
    sheets: fc.option(fc.subarray(sheets, { maxLength: 2 }), { nil: null }),
    fitted: fc.subarray(['polariser', 'nd-6', 'nd-10']),
    read: fc.option(fc.constantFrom('1/250', '1/30', '2', '30'), { nil: null }),
    metered: fc.boolean(),
  })
  .map(({ stand, way, sheets: on, fitted, read, metered }): Stand => {
    const { wholeScene: _, choice: __, ...rest } = stand;
    const begun: Stand = {
      ...rest,
      way,
      readings: metered ? rest.readings : [],
      fitted: fitted.map((filterId) => ({ filterId })),
    };
    const seated = on ? withSheets(begun, prepareStand(begun, bag), setOf(bag, on)) : begun;
    if (!read) return seated;
    const { chosen } = deriveStand(seated, bag, null);
    const { aperture, iso } = seated.exposure;
    return withThrough(seated, { aperture, iso, shutter: read, ...allThatIsOn(seated, chosen) });
  });

/** How a figure of a report reads: it is rounded there, and near the half way between two steps it may read as either. */
const readings = (figure: number, text: (figure: number) => string, by = 0.0006): string[] =>
  [figure - by, figure, figure + by].map(text);

/** What the list says of a stand: the line of the glance that a worker takes. */
function lineOf(stand: Stand): string {
  const steps = glanceLine(stand, bag);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}

it('the slip, its line, its sentence as it is spoken, ranking, ladder, list and plan say one set of figures, whatever way a stand was begun', () => {
  let seated = 0;
  let timed = 0;
  let ranked = 0;
  let laddered = 0;
  fc.assert(
    fc.property(anyWay, (stand) => {
      const { derived, report } = planStand(stand, bag);
      const slip = slipOf({ stand, bag, derived, search: 'idle', oldestMinutes: null });
      const [glass, seat, expose] = slip.rows;
      const whole = (row: typeof glass) => `${row.main}; ${row.aside}`;
      const sentence = slipSentence(slip);
      for (const row of slip.rows) expect(sentence).toContain(row.main);
      if (slip.state === 'ready') expect(slipLine(slip)).toContain(glass.brief);
      expect(report.way).toBe(stand.way);
      const said = report.chosen ?? report.plan;
      if (said?.offsetMm != null && glass.main !== 'No grad asked for' && slip.state === 'ready') {
        seated++;
        if (said.sticksOutMm !== null)
          expect(readings(Math.abs(said.sticksOutMm), mmFigure).some((mm) => whole(seat).includes(mm))).toBe(
            true,
          );
        expect(whole(seat).toLowerCase()).toContain(said.seamAtWords!.toLowerCase());
      }
      if (report.exposure && slip.state === 'ready' && !report.frames) {
        timed++;
        const { shutterSeconds: seconds, aperture, iso } = report.exposure;
        const times = [exposureText, remoteText].flatMap((text) => readings(seconds, text, seconds / 10_000));
        expect(times.some((t) => expose.main.includes(t))).toBe(true);
        expect(expose.main).toContain(`f/${aperture}`);
        expect(expose.main).toContain(`ISO ${iso}`);
      }
      // ranking: the row of a sheet has the figures that plan and working have
      for (const row of [report.plan, ...report.alternatives]) {
        const candidate = derived.balance?.best.find((c) => row && sameSet(c.set, row.filterIds));
        if (!row?.filterIds.length || !candidate) continue;
        ranked++;
        const names = sideNames(stand);
        expect(readings(row.unevenStops!, fitFigure)).toContain(fitFigure(candidate.unevenStops));
        expect(row.reasons[0]!.toLowerCase()).toBe(
          `${verdictText(candidate, derived.balance!, names)} (${fitFigure(candidate.unevenStops)} uneven).`,
        );
      }
      // ladder: the time on its window is the slip's, and so is the span
      const ladder = ladderData(stand, derived, null);
      if (ladder.exposures.length === 1 && report.exposure) {
        laddered++;
        const { shutterSeconds: seconds } = report.exposure;
        expect(readings(seconds, exposureText, seconds / 10_000)).toContain(ladder.exposures[0]!.shutter);
      }
      if (ladder.span && report.spanStops !== null)
        expect(ladder.span.text).toBe(spanText(derived.spanStops!));
      // list: its line is the slip's own
      expect(lineOf(stand)).toBe(slipLine(slip));
      if (report.through && report.exposure && !report.frames)
        expect(report.exposure.shutterSeconds).toBeCloseTo(report.through.shutterSeconds, 6);
    }),
    { numRuns: 20 },
  );
  // enough of each came by: how many is chance
  expect(seated).toBeGreaterThan(1);
  expect(timed).toBeGreaterThan(4);
  expect(ranked).toBeGreaterThan(4);
  expect(laddered).toBeGreaterThan(1);
});
