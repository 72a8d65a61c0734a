import {
  faultText,
  fitFigure,
  glassNamed,
  levelText,
  judgementText,
  verdictText,
  shownText,
  type SlipContext,
  slipOf,
  spotNames,
  stopsFigure,
  stopsText,
  warningText,
  LOOK_NAMES,
  lookLine,
  otherLookText,
  safetyText,
  sideNames,
  stockText,
  sunRuleText,
  workings,
} from '@/words';
import { SCHOOLS, traitsOf, warningsOf } from '@/model';
import { type SolvedStand } from './plan-report';

/** A solved stand in words, for a terminal. */
export function planText(solved: SolvedStand): string {
  const { stand, bag, derived } = solved;
  const { balance, fault, plan, inUse, spanStops } = derived;
  const lines = [stand.name, ''];
  if (spanStops !== null) {
    const { gap } = traitsOf(stand);
    const kept = gap ? `, ${lookLine(stand, balance?.brighter ?? 'sky')}` : '';
    const need = balance ? `; ${stopsText(balance.neededStops)} to take away` : '';
    lines.push(
      `Span ${stopsText(Math.abs(spanStops))}${spanStops < 0 ? ', the land the brighter' : ''}, reach ${stopsText(derived.reachStops ?? 0)}. Look: ${LOOK_NAMES[stand.look.school]}${kept}${need}.`,
    );
  }
  const context: SlipContext = { stand, derived, search: 'idle', oldestMinutes: null, bag };
  const slip = slipOf(context);
  if (slip.lead) lines.push(slip.lead);
  for (const { label, main, aside } of slip.rows)
    lines.push(`${label.toUpperCase().padEnd(7)} ${main}${aside ? ` (${aside})` : ''}`);
  if (fault && !derived.bracket && !derived.through) lines.push('', `No plan: ${faultText(fault)}`);
  if (balance && plan?.figures) {
    lines.push(
      '',
      ...judgementText(plan.figures, balance, plan.outcome, sideNames(stand)).map((reason) => `- ${reason}`),
    );
    lines.push('', 'Others:');
    for (const other of balance.best.filter((c) => c !== plan.figures)) {
      const names = sideNames(stand);
      const level = levelText(other, names[balance.brighter]);
      const verdict = verdictText(other, balance, names) ?? 'no sheet, no line';
      lines.push(
        `  ${glassNamed(
          bag,
          other.set.map((s) => s.id),
        ).padEnd(24)} ${[verdict, fitFigure(other.unevenStops), level].filter(Boolean).join(', ')}`,
      );
    }
  }
  if (inUse?.outcome.readings.length) {
    lines.push('', 'Readings:');
    const named = spotNames(stand.readings);
    for (const r of inUse.outcome.readings) {
      const shown = shownText(r);
      const tone = shown === null ? '' : `comes out ${shown}${r.held ? '' : ', not held'}`;
      lines.push(`  ${named(r.id).padEnd(12)} EV ${stopsFigure(r.ev100).padEnd(6)} ${tone}`.trimEnd());
    }
  }
  lines.push(...besideText(solved));
  const warnings = inUse ? warningsOf(stand, bag, derived, inUse) : [];
  if (warnings.length) lines.push('', ...warnings.map((w) => `! ${warningText(w, stand.readings)}`));
  return `${lines.join('\n')}\n`;
}

/** What is told beside the plan: what decides it, the other looks, and glass that is not in the bag. */
function besideText({ stand, bag, derived, study }: SolvedStand): string[] {
  if (!derived.prepared) return [];
  const sunRule = traitsOf(stand).readsLight ? sunRuleText(stand) : null;
  return [
    ...(derived.plan
      ? ['', ...safetyText(study.safety, bag, stand.readings).map((line) => `- ${line}`)]
      : []),
    '',
    'Other looks:',
    ...SCHOOLS.flatMap((school) => study.looks.find((l) => l.school === school) ?? []).map(
      (look) => `  ${LOOK_NAMES[look.school].padEnd(24)} ${otherLookText(look, bag)}`,
    ),
    ...(study.stock ? ['', stockText(study.stock, bag)] : []),
    ...(sunRule === null ? [] : ['', sunRule]),
  ].filter((line, i, all) => line !== '' || all[i - 1] !== '');
}

/** The working of every figure, for a terminal. */
export function explainText({ stand, bag, derived, study }: SolvedStand): string {
  const parts = workings({ stand, bag, derived, study }).map(({ title, figure, lines }) =>
    [`${title}: ${figure}`, ...lines.map((line) => `  ${line}`)].join('\n'),
  );
  return `\n${parts.join('\n\n')}\n`;
}
