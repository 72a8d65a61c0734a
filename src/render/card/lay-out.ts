import { type PaperSize } from '@/core/units';
import { type Card } from './card';
import { holderMarks } from './holder-marks';
import { type Column, type Laid, laidToFit, setParts, type Setting } from './columns';
import { INK, type Mark, type Measure, PAPER, QUIET, rectangle, RULE, type Spot } from './marks';
import { pictureMarks } from './picture-marks';
import { lineHeight, linesOf, setLines, type TypeFace } from './set-text';

/**
 * A stand's card on paper of a size: the picture with its line and the holder, the slip, what is known, and what is to be
 * done. First the picture gives way, then the type down to what is read at arm's length, then rows, which are counted.
 *
 * @returns marks in mm from the upper left corner
 */
export function layOut(card: Card, paper: PaperSize, measure: Measure): Mark[] {
  return laidToFit(paper, (setting) => laidOut(card, paper, setting, measure));
}

function laidOut(card: Card, { width, height }: PaperSize, setting: Setting, measure: Measure): Laid {
  const { text } = card;
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
  const rule = (thick: number, ink = INK) => marks.push(ruleAt(y, [margin, width - margin], thick, ink));

  say(text.name, { size: 1.6 * type, isBold: true, ink: INK });
  say(text.head, { size: type, ink: QUIET });
  y += 0.5 * type;

  marks.push(...views(card, [margin, y], inner, setting.picture * height, measure, type));
  y += setting.picture * height + 0.8 * type;

  rule(0.5);
  y += 0.4 * type;
  if (text.slip.lead) say(text.slip.lead, { size: 1.15 * type, isBold: true, ink: INK });
  const label = 5 * type;
  for (const { label: name, main, aside } of text.slip.rows) {
    const named: TypeFace = { size: 0.95 * type, ink: QUIET };
    const set = setLines([name.toUpperCase()], [margin, y + 0.52 * type], named, measure);
    marks.push(...set.marks);
    say(main, { size: 1.5 * type, isBold: true, ink: INK }, margin + label, inner - label);
    say(aside, { size: type, ink: QUIET }, margin + label, inner - label);
    y = Math.max(y, set.bottom) + 0.35 * type;
  }
  rule(0.5);
  y += 0.7 * type;

  const gutter = 1.6 * type;
  const column = (inner - gutter) / 2;
  const [known, toDo] = [text.known, [text.toDo]].map((parts, i) =>
    setParts(parts, [margin + i * (column + gutter), y], column, setting, measure),
  ) as [Column, Column];
  marks.push(...known.marks, ...toDo.marks);
  y = Math.max(known.bottom, toDo.bottom);
  rule(0.15, RULE);
  y += 0.3 * type;
  say(text.cautions.join(' '), { size: type, ink: INK });

  const foot: TypeFace = { size: 0.9 * type, ink: QUIET };
  const lowest = height - 0.7 * margin - lineHeight(foot.size);
  const fits = y <= lowest;
  y = lowest;
  say(text.foot, foot);
  return { marks: [{ kind: 'area', spots: rectangle(0, 0, width, height), ink: PAPER }, ...marks], fits };
}

const ruleAt = (y: number, [from, to]: readonly [number, number], width: number, ink: string): Mark => ({
  kind: 'line',
  spots: [
    [from, y],
    [to, y],
  ],
  width,
  ink,
});

/** The picture as large as its box lets it be, and the holder in what is left beside it. */
function views(
  card: Card,
  [left, top]: Spot,
  width: number,
  height: number,
  measure: Measure,
  type: number,
): Mark[] {
  const { widthMm, heightMm } = card.frame;
  const most = card.seated ? 0.66 * width : width;
  const scale = Math.min(most / widthMm, height / heightMm);
  const [wide, high] = [widthMm * scale, heightMm * scale];
  const gap = 0.02 * width;
  return [
    ...pictureMarks(card, [left, top], wide, high),
    ...(card.seated
      ? holderMarks(card.seated, [left + wide + gap, top], width - wide - gap, height, measure, 1.25 * type)
      : []),
  ];
}
