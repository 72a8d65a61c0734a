/** Names for the length of a transition, and the lengths assumed for a sheet 100 mm wide (physics 2). */
export const TRANSITION_DEFAULTS_MM = { 'very hard': 3, hard: 8, medium: 22, soft: 45 } as const;

export type TransitionName = keyof typeof TRANSITION_DEFAULTS_MM;

/** The sheet width that the default lengths are for, mm. */
export const DEFAULT_SHEET_WIDTH_MM = 100;

/** Default length of a named transition on a sheet of this width, mm: makes differ by half as much again. */
export function assumedTransitionMm(name: TransitionName, sheetWidthMm = DEFAULT_SHEET_WIDTH_MM): number {
  return (TRANSITION_DEFAULTS_MM[name] * sheetWidthMm) / DEFAULT_SHEET_WIDTH_MM;
}

/** The name whose default is nearest in ratio to a length: the other direction of `assumedTransitionMm`. */
export function transitionName(transitionMm: number, sheetWidthMm = DEFAULT_SHEET_WIDTH_MM): TransitionName {
  const distance = (name: TransitionName) =>
    Math.abs(Math.log(transitionMm / assumedTransitionMm(name, sheetWidthMm)));
  const names = Object.keys(TRANSITION_DEFAULTS_MM) as TransitionName[];
  return names.reduce((best, name) => (distance(name) < distance(best) ? name : best));
}
