import {
  faultText,
  fitFigure,
  glassName,
  levelText,
  reasonsText,
  type SlipContext,
  slipOf,
  stopsFigure,
  stopsText,
  warningText,
} from '@/words';
import { GAPS, warningsOf } from '@/model';
import { type SolvedStand } from './plan-report';

/** A solved stand in words, for a terminal. */
export function planText({ stand, bag, derived }: SolvedStand): string {
  const { balance, fault, plan, prepared, inUse, spanStops } = derived;
  const lines = [stand.name, ''];
  if (spanStops !== null) {
    const gap = stand.look.gapStops ?? GAPS[stand.look.school]?.usual ?? 0;
    const need = balance ? `; ${stopsText(balance.neededStops)} to take away` : '';
    lines.push(
      `Span ${stopsText(spanStops)}, reach ${stopsText(derived.reachStops ?? 0)}. Look ${stand.look.school}, keeping ${stopsFigure(gap)}${need}.`,
    );
  }
  const context: SlipContext = { stand, derived, search: 'idle', oldestMinutes: null };
  const slip = slipOf(context);
  for (const { label, main, aside } of slip.rows)
    lines.push(`${label.toUpperCase().padEnd(7)} ${main}${aside ? ` (${aside})` : ''}`);
  if (fault) lines.push('', `No plan: ${faultText(fault)}`);
  if (balance && plan?.figures) {
    lines.push(
      '',
      ...reasonsText(plan.figures, balance, plan.outcome.seam?.at ?? null).map((reason) => `- ${reason}`),
    );
    lines.push('', 'Others:');
    for (const other of balance.best.filter((c) => c !== plan.figures)) {
      const filters = other.set.flatMap(({ id }) => bag.filters.find((f) => f.id === id) ?? []);
      const level = levelText(other, balance.brighter);
      lines.push(
        `  ${glassName(filters).padEnd(24)} shows ${fitFigure(other.unevenStops)}${level ? `, ${level}` : ''}`,
      );
    }
  }
  if (inUse?.outcome.readings.length) {
    lines.push('', 'Readings:');
    for (const r of inUse.outcome.readings) {
      const role = stand.readings.find((s) => s.id === r.id)?.role ?? '';
      const tone = Number.isFinite(r.toneThroughStops)
        ? `lands ${stopsFigure(r.toneThroughStops)}${r.held ? '' : ', not held'}`
        : '';
      lines.push(
        `  ${r.id.padEnd(6)} ${role.padEnd(8)} EV ${stopsFigure(r.ev100).padEnd(6)} ${tone}`.trimEnd(),
      );
    }
  }
  const warnings = prepared && inUse ? warningsOf(prepared, inUse) : [];
  if (warnings.length) lines.push('', ...warnings.map((w) => `! ${warningText(w)}`));
  return `${lines.join('\n')}\n`;
}
