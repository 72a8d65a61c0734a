import { type PaperSize } from '@/core/units';
import { type CardPart, type CardRow } from '@/words';
import { INK, type Mark, type Measure, QUIET, rectangle, RULE, type Spot } from './marks';
import { roleMarks } from './role-marks';
import { lineHeight, linesOf, setLines, type TypeFace } from './set-text';

/** How closely a card is set, tried one after another until all of it is on the page. */
export interface Setting {
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

/** Settings for paper of a size, the most generous first. */
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

/** A page that was laid out, and whether all of it is on the paper. */
export interface Laid {
  readonly marks: Mark[];
  readonly fits: boolean;
}

/** The marks of a page in the first setting in which all of it is on the paper, or in the last. */
export function laidToFit(paper: PaperSize, lay: (setting: Setting) => Laid): Mark[] {
  let marks: Mark[] = [];
  for (const setting of settings(paper)) {
    const laid = lay(setting);
    ({ marks } = laid);
    if (laid.fits) break;
  }
  return marks;
}

/** What stands in a column, and how far down it reaches. */
export interface Column {
  readonly marks: Mark[];
  readonly bottom: number;
}

/** Lists one below the other in a column. */
export function setParts(
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
    const shown = left > 0 ? [...rows.slice(0, most), { text: `and ${left} more` }] : rows;
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
  { role, text, figure, isTicked }: CardRow,
  number: string | null,
  [x, y]: Spot,
  width: number,
  type: number,
  measure: Measure,
): Column {
  const face: TypeFace = { size: type, ink: INK };
  const indent = number
    ? measure('00', type, false) + 0.5 * type
    : role || isTicked !== undefined
      ? 1.4 * type
      : 0;
  const marks = [
    ...(role ? roleMarks(role, [x + 0.45 * type, y + 0.62 * type], 0.36 * type) : []),
    ...(isTicked === undefined ? [] : tickBox([x, y + 0.22 * type], 0.8 * type, isTicked)),
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

/** A box to be ticked with a pen, or ticked already. */
function tickBox([x, y]: Spot, side: number, isTicked: boolean): Mark[] {
  const line = (...spots: readonly Spot[]): Mark => ({ kind: 'line', spots, width: 0.06 * side, ink: INK });
  const corners = rectangle(x, y, side, side);
  return [
    line(...corners, ...corners.slice(0, 1)),
    ...(isTicked ? [line([x, y], [x + side, y + side]), line([x + side, y], [x, y + side])] : []),
  ];
}
