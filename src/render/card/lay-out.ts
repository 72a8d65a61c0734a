import { type PaperSize } from '@/core/units';
import { type CardPart, type CardRow } from '@/words';
import { type Card } from './card';
import { holderMarks } from './holder-marks';
import { INK, type Mark, type Measure, PAPER, QUIET, RULE, type Spot } from './marks';
import { pictureMarks } from './picture-marks';
import { roleMarks } from './role-marks';
import { lineHeight, linesOf, setLines, type TypeFace } from './set-text';

/** How closely a card is set, tried one after another until all of it is on the page. */
interface Setting {
  /** Size of the type that the lists are set in, mm. */
  readonly type: number;
  /** Height of the picture, parts of the page's. */
  readonly picture: number;
  /** Rows of a list, at most; the rest is counted. */
  readonly rows: number;
}

/** Type on the smallest page, mm, down to an x-height of 6 minutes of arc at arm's length, and the picture's part of its height. */
const CLOSER = [
  [2.7, 0.31],
  [2.7, 0.28],
  [2.5, 0.31],
  [2.5, 0.28],
  [2.5, 0.25],
  [2.3, 0.28],
  [2.3, 0.24],
  [2.3, 0.2],
  [2.3, 0.16],
] as const;
/** Type grows more slowly than paper: the rest is for the picture. */
const GROWS = 0.62;
const SMALLEST_WIDTH_MM = 105;

function* settings(paper: PaperSize): Generator<Setting> {
  const grown = (Math.min(paper.width, paper.height * 0.71) / SMALLEST_WIDTH_MM) ** GROWS;
  const rows = Infinity;
  for (const [type, picture] of CLOSER) yield { type: type * grown, picture, rows };
  const [least, smallest] = CLOSER.at(-1)!;
  const last = { type: least * grown, picture: smallest };
  for (const fewer of [12, 8, 6, 4, 2, 1, 0]) yield { ...last, rows: fewer };
  // a name or a slip of a page's length: small is better than cut off
  for (let type = last.type; type > 0.5; type *= 0.9) yield { ...last, type, rows: 0 };
}

/**
 * A stand's card on paper of a size: the picture with its line and the holder, the slip, what is known, and what is to be
 * done. First the picture gives way, then the type down to what is read at arm's length, then rows, which are counted.
 *
 * @returns marks in mm from the upper left corner
 */
export function layOut(card: Card, paper: PaperSize, measure: Measure): Mark[] {
  let marks: Mark[] = [];
  for (const setting of settings(paper)) {
    const laid = laidOut(card, paper, setting, measure);
    ({ marks } = laid);
    if (laid.fits) break;
  }
  return marks;
}

function laidOut(
  card: Card,
  { width, height }: PaperSize,
  setting: Setting,
  measure: Measure,
): { readonly marks: Mark[]; readonly fits: boolean } {
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
  const rule = (thick: number, ink = INK) => {
    marks.push({
      kind: 'line',
      spots: [
        [margin, y],
        [width - margin, y],
      ],
      width: thick,
      ink,
    });
  };

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
  return { marks: [{ kind: 'area', spots: sheet(width, height), ink: PAPER }, ...marks], fits };
}

const sheet = (width: number, height: number): Spot[] => [
  [0, 0],
  [width, 0],
  [width, height],
  [0, height],
];

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

interface Column {
  readonly marks: Mark[];
  readonly bottom: number;
}

/** Lists one below the other in a column. */
function setParts(
  parts: readonly CardPart[],
  [x, top]: Spot,
  width: number,
  { type, rows: most }: Setting,
  measure: Measure,
): Column {
  const marks: Mark[] = [];
  let y = top;
  for (const { title, rows, isNumbered } of parts) {
    const head = setLines([title], [x, y], { size: 1.05 * type, isBold: true, ink: INK }, measure);
    marks.push(...head.marks, {
      kind: 'line',
      spots: [
        [x, head.bottom],
        [x + width, head.bottom],
      ],
      width: 0.15,
      ink: RULE,
    });
    y = head.bottom + 0.15 * type;
    const left = rows.length - most;
    const shown = left > 0 ? [...rows.slice(0, most), { text: `and ${left} more, in the stand` }] : rows;
    for (const [i, row] of shown.entries()) {
      const number = isNumbered && i < most ? String(i + 1) : null;
      const set = setRow(row, number, [x, y], width, type, measure);
      marks.push(...set.marks);
      y = set.bottom;
    }
    y += 0.6 * type;
  }
  return { marks, bottom: y };
}

/** One row: what it is at the left, its figure at the right, on a line of its own where both do not fit on one. */
function setRow(
  { role, text, figure }: CardRow,
  number: string | null,
  [x, y]: Spot,
  width: number,
  type: number,
  measure: Measure,
): Column {
  const face: TypeFace = { size: type, ink: INK };
  const indent = number ? measure('00', type, false) + 0.5 * type : role ? 1.4 * type : 0;
  const marks = [
    ...(role ? roleMarks(role, [x + 0.45 * type, y + 0.62 * type], 0.36 * type) : []),
    ...(number ? setLines([number], [x, y], { size: type, ink: QUIET }, measure).marks : []),
  ];
  const said = setLines(linesOf(text, width - indent, face, measure), [x + indent, y], face, measure);
  marks.push(...said.marks);
  if (!figure) return { marks, bottom: said.bottom };
  const lines = linesOf(figure, width - indent, face, measure);
  const last = said.marks.at(-1);
  const room = width - indent - (last?.kind === 'text' ? last.width : 0) - 0.5 * type;
  const isBeside = lines.length === 1 && measure(figure, type, false) <= room;
  const top = isBeside ? said.bottom - lineHeight(type) : said.bottom;
  const figures = setLines(lines, [x + width, top], { ...face, isRight: true }, measure);
  marks.push(...figures.marks);
  return { marks, bottom: figures.bottom };
}
