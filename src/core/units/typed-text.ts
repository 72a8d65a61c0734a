/** Longest text that is understood as a figure or a label, characters; and with all its white space. */
const LONGEST = 400;
const LONGEST_SPACED = 20_000;

/**
 * A text as it was typed, made plain before it is taken apart: every run of white space one space, none at the ends. Empty
 * where it is longer than anything that is understood.
 */
export function plainTyped(text: string): string {
  if (text.length > LONGEST_SPACED) return '';
  const plain = text.split(/\s/).filter(Boolean).join(' ');
  return plain.length > LONGEST ? '' : plain;
}
