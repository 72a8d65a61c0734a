/** About how wide a letter and a figure are, and what a note's plate stands out beyond them, px. */
const LETTER = 6.5;
const FIGURE = 8.6;
export const NOTE_PAD = 5;

/** About how wide a note is with its plate, px. */
export const noteWidth = (note: string, figure = false): number =>
  note.length * (figure ? FIGURE : LETTER) + 2 * NOTE_PAD;
