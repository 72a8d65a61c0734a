import { type Mark, type Measure, type Spot } from './marks';

/** A line's height as parts of its type's size, and how far down its baseline lies. */
const LEADING = 1.24;
const BASELINE = 0.95;

export const lineHeight = (size: number): number => LEADING * size;

export interface TypeFace {
  readonly size: number;
  readonly isBold?: boolean;
  readonly ink: string;
  /** The lines end at their spot. */
  readonly isRight?: boolean;
}

/** Text broken into lines no wider than a column, at spaces, and within a word that is wider by itself. */
export function linesOf(
  text: string,
  width: number,
  { size, isBold = false }: TypeFace,
  measure: Measure,
): string[] {
  const lines: string[] = [];
  let line = '';
  const fits = (tried: string) => measure(tried, size, isBold) <= width;
  for (const word of text.split(/\s+/).filter(Boolean)) {
    const longer = line ? `${line} ${word}` : word;
    if (fits(longer)) {
      line = longer;
      continue;
    }
    if (line) lines.push(line);
    line = '';
    for (const character of word) {
      if (line && !fits(line + character)) {
        lines.push(line);
        line = '';
      }
      line += character;
    }
  }
  if (line) lines.push(line);
  return lines;
}

/** Lines one below the other from a spot, and how far down they reach. */
export function setLines(
  lines: readonly string[],
  [x, y]: Spot,
  { size, isBold = false, ink, isRight = false }: TypeFace,
  measure: Measure,
): { readonly marks: Mark[]; readonly bottom: number } {
  const marks = lines.map((text, i): Mark => ({
    kind: 'text',
    at: [x, y + (i * LEADING + BASELINE) * size],
    size,
    isBold,
    text,
    ink,
    isRight,
    width: measure(text, size, isBold),
  }));
  return { marks, bottom: y + lines.length * lineHeight(size) };
}
