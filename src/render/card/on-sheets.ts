import { PAPERS, type PaperName, type PaperSize } from '@/core/units';
import { type Mark, movedBy, type PageMarks, RULE } from './marks';

/** Whether four cards go on a sheet of paper, to be cut apart. */
export const holdsFour = (paper: PaperName): boolean => paper === 'A4' || paper === 'Letter';

/** The paper that one card has: a whole sheet, or a quarter of it. */
export function cardSize(paper: PaperName, isFour: boolean): PaperSize {
  const { width, height } = PAPERS[paper];
  const parts = isFour && holdsFour(paper) ? 2 : 1;
  return { width: width / parts, height: height / parts };
}

/** Cards on as many sheets as they need, with the cuts where several stand on one. */
export function onSheets(
  cards: readonly (readonly Mark[])[],
  paper: PaperName,
  isFour: boolean,
): PageMarks[] {
  const sheet = PAPERS[paper];
  const card = cardSize(paper, isFour);
  const across = Math.round(sheet.width / card.width);
  const each = across * Math.round(sheet.height / card.height);
  const cuts: Mark[] =
    each === 1
      ? []
      : [
          [
            [card.width, 0],
            [card.width, sheet.height],
          ] as const,
          [
            [0, card.height],
            [sheet.width, card.height],
          ] as const,
        ].map((spots) => ({ kind: 'line', spots, width: 0.15, ink: RULE, isDashed: true }));
  return Array.from({ length: Math.ceil(cards.length / each) }, (_, i) => ({
    ...sheet,
    marks: [
      ...cards
        .slice(i * each, (i + 1) * each)
        .flatMap((marks, at) =>
          movedBy(marks, (at % across) * card.width, Math.floor(at / across) * card.height),
        ),
      ...cuts,
    ],
  }));
}
