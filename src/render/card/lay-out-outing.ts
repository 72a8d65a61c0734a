import { type PaperSize } from '@/core/units';
import { type OutingCardText } from '@/words/outing';
import { type Column, type Laid, laidToFit, setParts, type Setting } from './columns';
import { type DayLight, dayMarks } from './day-marks';
import { INK, type Mark, type Measure, PAPER, QUIET, rectangle, RULE } from './marks';
import { lineHeight, linesOf, setLines, type TypeFace } from './set-text';

/** All that an outing's card is laid out from. */
export interface OutingCard {
  readonly text: OutingCardText;
  /** Null while its place is not known. */
  readonly light: DayLight | null;
}

/** The strip's height beside a stand's picture on a page of the same setting. */
const STRIP_PART = 0.62;

/**
 * An outing's card on paper of a size: the day's light, the moments worth being there for, framings and water beside what is
 * to be packed, and what can hurt. It gives way as a stand's card does.
 *
 * @returns marks in mm from the upper left corner
 */
export function layOutOuting(card: OutingCard, paper: PaperSize, measure: Measure): Mark[] {
  return laidToFit(paper, (setting) => laidOut(card, paper, setting, measure));
}

function laidOut(
  { text, light }: OutingCard,
  { width, height }: PaperSize,
  setting: Setting,
  measure: Measure,
): Laid {
  const { type } = setting;
  const margin = 0.048 * width;
  const inner = width - 2 * margin;
  const marks: Mark[] = [];
  let y = margin;
  const say = (said: string, face: TypeFace, x = margin, wide = inner) => {
    const set = setLines(linesOf(said, wide, face, measure), [x, y], face, measure);
    marks.push(...set.marks);
    y = set.bottom;
  };
  say(text.name, { size: 1.6 * type, isBold: true, ink: INK });
  say(text.head, { size: type, ink: QUIET });
  y += 0.5 * type;
  if (light) {
    const strip = STRIP_PART * setting.picture * height;
    marks.push(...dayMarks(light, [margin, y], { width: inner, height: strip, type: 0.9 * type, measure }));
    y += strip + 0.6 * type;
  }
  const label = 5 * type;
  for (const { hour, why } of text.worth) {
    const top = y;
    const set = setLines([hour], [margin, top], { size: 1.3 * type, isBold: true, ink: INK }, measure);
    marks.push(...set.marks);
    y = top + 0.28 * type;
    say(why, { size: type, ink: INK }, margin + label, inner - label);
    y = Math.max(y, set.bottom) + 0.2 * type;
  }
  y += 0.5 * type;
  const gutter = 1.6 * type;
  const column = (inner - gutter) / 2;
  const [day, packing] = [text.day, text.packing].map((parts, i) =>
    setParts(parts, [margin + i * (column + gutter), y], column, setting, measure),
  ) as [Column, Column];
  marks.push(...day.marks, ...packing.marks);
  y = Math.max(day.bottom, packing.bottom);
  marks.push({
    kind: 'line',
    spots: [
      [margin, y],
      [width - margin, y],
    ],
    width: 0.15,
    ink: RULE,
  });
  y += 0.3 * type;
  for (const caution of text.cautions) say(caution, { size: type, ink: INK });
  const foot: TypeFace = { size: 0.9 * type, ink: QUIET };
  const lines = linesOf(text.foot, inner, foot, measure);
  const lowest = height - 0.7 * margin - lines.length * lineHeight(foot.size);
  const fits = y <= lowest;
  marks.push(...setLines(lines, [margin, lowest], foot, measure).marks);
  return { marks: [{ kind: 'area', spots: rectangle(0, 0, width, height), ink: PAPER }, ...marks], fits };
}
