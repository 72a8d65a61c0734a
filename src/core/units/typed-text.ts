/** Longest text that is understood as a figure or a label, characters. */
const LONGEST = 400;

/**
 * A text as it was typed, made plain before it is taken apart: every run of white space one space, none at the ends. Empty
 * where it is longer than anything that is understood.
 */
export const plainTyped = (text: string): string =>
  text.length > LONGEST ? '' : text.split(/\s/).filter(Boolean).join(' ');
