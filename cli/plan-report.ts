import { bestForSpans, isAsGood, sameSet } from '@/core/balance';
import { nearestShutterMark } from '@/core/units';
import {
  type Bag,
  deriveStand,
  type Derived,
  type Glass,
  glassOf,
  solveStand,
  type Stand,
  type Warning,
  warningsOf,
} from '@/model';
import { faultText, reasonsText, warningText } from '@/words';

/** What `plan --json` prints for one stand (formats: the command line). */
export interface PlanReport {
  readonly spanStops: number | null;
  readonly reachStops: number | null;
  readonly neededStops: number | null;
  readonly school: string;
  readonly plan: GlassReport | null;
  readonly chosen: GlassReport | null;
  readonly alternatives: readonly GlassReport[];
  readonly exposure: {
    readonly aperture: number;
    readonly iso: number;
    readonly shutterSeconds: number;
    /** The nearest mark, or seconds, as a file would write it. */
    readonly shutter: string;
  } | null;
  readonly readings: readonly {
    readonly id: string;
    readonly ev100: number;
    readonly toneBareStops: number | null;
    readonly toneThroughStops: number | null;
    readonly held: boolean;
  }[];
  readonly warnings: readonly { readonly code: string; readonly message: string }[];
  readonly reason?: string;
  readonly message?: string;
}

export interface GlassReport {
  readonly filterIds: readonly string[];
  readonly offsetMm: number | null;
  readonly turnDeg: number | null;
  readonly sticksOutMm: number | null;
  readonly giveOrTakeMm: number | null;
  readonly fitStops: number | null;
  readonly unevenStops: number | null;
  readonly levelStops: number | null;
  readonly spillStops: number | null;
  readonly spillWorstStops: number | null;
  readonly lineStops: number | null;
  readonly leakStops: number | null;
  readonly scoreStops: number | null;
  readonly residualGapStops: number | null;
  readonly clips: readonly string[];
  readonly playMm: readonly [number, number] | null;
  readonly seamSpread: number | null;
  readonly seamAt: object | null;
  readonly bestForSpans?: readonly [number, number] | null;
  readonly asGoodAs?: readonly (readonly string[])[];
  readonly reasons: readonly string[];
}

/** A solved stand, with what the words need beside the report. */
export interface SolvedStand {
  readonly stand: Stand;
  readonly bag: Bag;
  readonly derived: Derived;
  readonly report: PlanReport;
}

/** Solves a stand with the core that the interface uses. */
export function planStand(stand: Stand, bag: Bag): SolvedStand {
  const derived = deriveStand(stand, bag, solveStand(stand, bag));
  return { stand, bag, derived, report: reportOf(stand, bag, derived) };
}

function reportOf(stand: Stand, bag: Bag, derived: Derived): PlanReport {
  const { prepared, balance, inUse, fault, plan } = derived;
  const exposure = inUse?.outcome.exposure ?? null;
  const warnings: Warning[] = prepared && inUse ? warningsOf(prepared, inUse) : [];
  const others =
    prepared && balance && plan
      ? balance.best.filter((c) => !sameSet(c.set, plan.filterIds)).slice(0, 4)
      : [];
  return {
    spanStops: rounded(derived.spanStops),
    reachStops: rounded(derived.reachStops),
    neededStops: rounded(balance?.neededStops ?? null),
    school: stand.look.school,
    plan: plan && { ...glassReport(derived, plan), ...planOnly(derived, plan) },
    chosen: derived.chosen && glassReport(derived, derived.chosen),
    alternatives: others.map((c) => glassReport(derived, glassOf(stand, bag, prepared!, c))),
    exposure: exposure && {
      aperture: stand.exposure.aperture,
      iso: stand.exposure.iso,
      shutterSeconds: rounded(exposure.seconds, 6),
      shutter:
        nearestShutterMark(exposure.seconds)?.mark.name ?? String(Number(exposure.seconds.toPrecision(4))),
    },
    readings: (inUse?.outcome.readings ?? []).map((r) => ({
      id: r.id,
      ev100: rounded(r.ev100),
      toneBareStops: rounded(finite(r.toneBareStops)),
      toneThroughStops: rounded(finite(r.toneThroughStops)),
      held: r.held,
    })),
    warnings: warnings.map((w) => ({ code: w.code, message: warningText(w) })),
    ...(fault ? { reason: fault.reason, message: faultText(fault) } : {}),
  };
}

/** What only the computed plan tells: how safe it is. */
function planOnly({ prepared, balance }: Derived, plan: Glass) {
  const ranking = balance?.ranking ?? [];
  return {
    bestForSpans:
      prepared &&
      ((bestForSpans(prepared.input)?.map((s) => rounded(s)) as [number, number] | undefined) ?? null),
    asGoodAs: ranking
      .filter((r) => isAsGood(r, ranking) && !sameSet(r.set, plan.filterIds))
      .map((r) => r.set.map((s) => s.id)),
  };
}

function glassReport({ balance }: Derived, glass: Glass): GlassReport {
  const { figures: f, outcome, seat } = glass;
  return {
    filterIds: glass.filterIds,
    offsetMm: seat?.offsetMm ?? null,
    turnDeg: seat?.turnDeg ?? null,
    sticksOutMm: rounded(glass.sticksOutMm),
    giveOrTakeMm: rounded(outcome.seam?.giveOrTakeMm ?? null),
    fitStops: rounded(f?.fitStops ?? null),
    unevenStops: rounded(f?.unevenStops ?? null),
    levelStops: rounded(f?.levelStops ?? null),
    spillStops: rounded(f?.spillStops ?? null),
    spillWorstStops: f && rounded(f.spillWorst?.stops ?? 0),
    lineStops: f && rounded(f.line?.stops ?? 0),
    leakStops: rounded(f?.leakStops ?? null),
    scoreStops: rounded(f?.scoreStops ?? null),
    residualGapStops: rounded(outcome.residualGapStops),
    clips: outcome.clips,
    playMm: f?.playMm ?? null,
    seamSpread: rounded(outcome.seam?.spread ?? null),
    seamAt:
      outcome.seam &&
      Object.fromEntries(Object.entries(outcome.seam.at).map(([edge, at]) => [edge, rounded(at)])),
    reasons: f && balance ? reasonsText(f, balance, outcome.seam?.at ?? null) : [],
  };
}

const finite = (value: number): number | null => (Number.isFinite(value) ? value : null);

function rounded(value: number, digits?: number): number;
function rounded(value: number | null, digits?: number): number | null;
function rounded(value: number | null, digits = 4): number | null {
  return value === null ? null : Number(value.toFixed(digits)) || 0;
}
