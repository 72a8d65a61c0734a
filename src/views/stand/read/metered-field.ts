/** The field that what a meter showed is typed into: one, whatever it is read of. */
export const METERED_FIELD = 'reading-shutter';

/** Puts the caret into it: at once where it is there, and again once what is being drawn stands. */
export function typeMetered(): void {
  const focus = () => document.getElementById(METERED_FIELD)?.focus({ preventScroll: true });
  focus();
  requestAnimationFrame(focus);
}
