import { isAsGood, sameSet } from '@/core/balance';
import { nearestShutterMark } from '@/core/units';
import {
  type Bag,
  bagAtLens,
  deriveStand,
  exposureSeconds,
  type Derived,
  type Glass,
  glassOf,
  prepareStand,
  solveStand,
  type Stand,
  type Study,
  seenStand,
  studyStand,
  type Warning,
  type Way,
  wayOf,
  warningsOf,
} from '@/model';
import { faultText, filterKindText, judgementText, lineText, sideNames, warningText } from '@/words';

/** What `plan --json` prints for one stand (formats: the command line). */
export interface PlanReport {
  readonly spanStops: number | null;
  readonly reachStops: number | null;
  readonly neededStops: number | null;
  readonly school: string;
  /** How the stand was begun; null for one at which nothing has been done yet. */
  readonly way: Way | null;
  /** What the camera read through all that was on, carried to what is on now; null where it serves no more. */
  readonly through: (ShutterReport & { readonly ev100: number; readonly changedStops: number }) | null;
  readonly plan: GlassReport | null;
  readonly chosen: GlassReport | null;
  readonly alternatives: readonly GlassReport[];
  /** Of a bracket, darkest picture first. */
  readonly frames?: readonly FrameReport[];
  /** Under Least glass: how far the darker side must be lifted afterwards, through the glass in use. */
  readonly liftStops?: number;
  readonly exposure: ({ readonly aperture: number; readonly iso: number } & ShutterReport) | null;
  readonly readings: readonly {
    readonly id: string;
    readonly ev100: number;
    readonly toneBareStops: number | null;
    readonly toneThroughStops: number | null;
    readonly held: boolean;
  }[];
  /** What each other look would have fitted. */
  readonly otherLooks: readonly {
    readonly school: string;
    readonly filterIds: readonly string[] | null;
    readonly frames?: number;
    readonly reason?: string;
  }[];
  /** Sheets that one does not own and that would have fitted better; never part of the plan. */
  readonly notInBag: readonly { readonly sheet: string; readonly betterByStops: number }[];
  readonly warnings: readonly { readonly code: string; readonly message: string }[];
  readonly reason?: string;
  readonly message?: string;
}

interface ShutterReport {
  readonly shutterSeconds: number;
  /** The nearest mark, or seconds, as a file would write it. */
  readonly shutter: string;
}

type FrameReport = ShutterReport & {
  readonly offsetStops: number | null;
  /** Where the frames are alike in blur: what is changed in the time's place. */
  readonly iso?: number;
  readonly filterIds?: readonly string[];
};

export interface GlassReport {
  readonly filterIds: readonly string[];
  readonly offsetMm: number | null;
  readonly turnDeg: number | null;
  readonly sticksOutMm: number | null;
  readonly giveOrTakeMm: number | null;
  readonly fitStops: number | null;
  readonly unevenStops: number | null;
  readonly levelStops: number | null;
  readonly gradientStops: number | null;
  readonly spillStops: number | null;
  readonly spillWorstStops: number | null;
  readonly lineStops: number | null;
  readonly leakStops: number | null;
  readonly scoreStops: number | null;
  readonly residualGapStops: number | null;
  /** Under Least glass: how far the darker side must be lifted afterwards. */
  readonly liftStops?: number;
  readonly clips: readonly string[];
  readonly playMm: readonly [number, number] | null;
  readonly seamSpread: number | null;
  readonly seamAt: object | null;
  /** The same by what the line touches and where it meets the edges. */
  readonly seamAtWords: string | null;
  /** By the sun: it rests on a rule, not on readings. */
  readonly guess?: true;
  readonly bestForSpans?: readonly [number, number] | null;
  readonly asGoodAs?: readonly (readonly string[])[];
  /** Readings, taken or missing, that decide which glass is best. */
  readonly deciding?: readonly object[];
  readonly reasons: readonly string[];
}

/** A solved stand, with what the words need beside the report. */
export interface SolvedStand {
  readonly stand: Stand;
  readonly bag: Bag;
  readonly derived: Derived;
  readonly study: Study;
  readonly report: PlanReport;
}

/** Solves a stand with the core that the interface uses. */
export function planStand(kept: Stand, wholeBag: Bag): SolvedStand {
  const bag = bagAtLens(kept, wholeBag);
  const stand = seenStand(kept, bag);
  const ready = prepareStand(stand, bag);
  const solution = solveStand(stand, bag, { ready });
  const derived = deriveStand(stand, bag, solution, ready);
  const study = studyStand(stand, bag, { ready, result: solution.result });
  return { stand, bag, derived, study, report: reportOf(stand, bag, derived, study) };
}

function reportOf(stand: Stand, bag: Bag, derived: Derived, study: Study): PlanReport {
  const { prepared, balance, inUse, fault, plan, bracket, through } = derived;
  const seconds = exposureSeconds(stand, derived);
  const { aperture, iso } = stand.exposure;
  const warnings: Warning[] = inUse ? warningsOf(stand, bag, derived, inUse) : [];
  const others =
    prepared && balance && plan
      ? balance.best.filter((c) => !sameSet(c.set, plan.filterIds)).slice(0, 4)
      : [];
  return {
    spanStops: rounded(derived.spanStops),
    reachStops: rounded(derived.reachStops),
    neededStops: rounded(balance?.neededStops ?? null),
    school: stand.look.school,
    way: wayOf(stand),
    through: through && {
      ...shutterReport(through.seconds),
      ev100: rounded(through.ev100),
      changedStops: rounded(through.changedStops),
    },
    plan: plan && { ...glassReport(stand, derived, plan), ...planOnly(derived, plan, study) },
    chosen: derived.chosen && glassReport(stand, derived, derived.chosen),
    alternatives: others.map((c) => glassReport(stand, derived, glassOf(stand, bag, prepared, c))),
    ...(bracket?.ok
      ? {
          frames: bracket.frames.map((f) => ({
            ...shutterReport(f.seconds),
            offsetStops: rounded(f.offsetStops),
            ...(stand.bracket?.alike ? { iso: f.iso, filterIds: f.filterIds } : {}),
          })),
        }
      : {}),
    ...(inUse?.lift ? { liftStops: rounded(inUse.lift.stops) } : {}),
    exposure: seconds === null ? null : { aperture, iso, ...shutterReport(seconds) },
    readings: (inUse?.outcome.readings ?? []).map((r) => ({
      id: r.id,
      ev100: rounded(r.ev100),
      toneBareStops: rounded(finite(r.toneBareStops)),
      toneThroughStops: rounded(finite(r.toneThroughStops)),
      held: r.held,
    })),
    ...besideReport(study),
    warnings: warnings.map((w) => ({ code: w.code, message: warningText(w, stand.readings) })),
    ...(fault ? { reason: fault.reason, message: faultText(fault) } : {}),
  };
}

function shutterReport(seconds: number): ShutterReport {
  return {
    shutterSeconds: rounded(seconds, 6),
    shutter: nearestShutterMark(seconds)?.mark.name ?? String(Number(seconds.toPrecision(4))),
  };
}

/** What is told beside the plan. */
function besideReport({ looks, stock }: Study): Pick<PlanReport, 'otherLooks' | 'notInBag'> {
  return {
    otherLooks: looks.map(({ school, filterIds, frames, fault }) => ({
      school,
      filterIds: fault || frames !== null ? null : filterIds,
      ...(frames === null ? {} : { frames }),
      ...(fault ? { reason: fault.reason } : {}),
    })),
    notInBag: stock
      ? [{ sheet: filterKindText(stock.sheet), betterByStops: rounded(stock.betterByStops) }]
      : [],
  };
}

/** What only the computed plan tells: how safe it is. */
function planOnly({ balance }: Derived, plan: Glass, { safety }: Study) {
  const { bestForSpans, deciding } = safety;
  return {
    ...(balance?.spanStops === null ? { guess: true as const } : {}),
    bestForSpans: bestForSpans && ([rounded(bestForSpans[0]), rounded(bestForSpans[1])] as const),
    asGoodAs: (balance?.ranking ?? [])
      .filter((r) => isAsGood(r, balance!) && !sameSet(r.set, plan.filterIds))
      .map((r) => r.set.map((s) => s.id)),
    deciding: deciding.map((d) => ({
      ...(d.kind === 'taken' ? { readingId: d.readingId } : { featureId: d.shape.id }),
      otherwise: d.otherwise.map((s) => s.id),
    })),
  };
}

function glassReport(stand: Stand, { balance }: Derived, glass: Glass): GlassReport {
  const { figures: f, outcome, seat, lift } = glass;
  return {
    filterIds: glass.filterIds,
    offsetMm: seat?.offsetMm ?? null,
    turnDeg: seat?.turnDeg ?? null,
    sticksOutMm: rounded(glass.sticksOutMm),
    giveOrTakeMm: rounded(outcome.seam?.giveOrTakeMm ?? null),
    fitStops: rounded(f?.fitStops ?? null),
    unevenStops: rounded(f?.unevenStops ?? null),
    levelStops: rounded(f?.levelStops ?? null),
    gradientStops: rounded(f?.gradientStops ?? null),
    spillStops: rounded(f?.spillStops ?? null),
    spillWorstStops: f && rounded(f.spillWorst?.stops ?? 0),
    lineStops: f && rounded(f.line?.stops ?? 0),
    leakStops: rounded(f?.leakStops ?? null),
    scoreStops: rounded(f?.scoreStops ?? null),
    residualGapStops: rounded(outcome.residualGapStops),
    ...(lift ? { liftStops: rounded(lift.stops) } : {}),
    clips: outcome.clips,
    playMm: f?.playMm ?? null,
    seamSpread: rounded(outcome.seam?.spread ?? null),
    seamAt:
      outcome.seam &&
      Object.fromEntries(Object.entries(outcome.seam.at).map(([edge, at]) => [edge, rounded(at)])),
    seamAtWords: outcome.seam && lineText(stand, outcome.seam.at),
    reasons: f && balance ? judgementText(f, balance, outcome, sideNames(stand)) : [],
  };
}

const finite = (value: number): number | null => (Number.isFinite(value) ? value : null);

function rounded(value: number, digits?: number): number;
function rounded(value: number | null, digits?: number): number | null;
function rounded(value: number | null, digits = 4): number | null {
  return value === null ? null : Number(value.toFixed(digits)) || 0;
}
