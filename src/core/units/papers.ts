/** A sheet of paper, mm. */
export interface PaperSize {
  readonly width: number;
  readonly height: number;
}

export const PAPER_NAMES = ['A6', 'A5', 'A4', 'Letter'] as const;
export type PaperName = (typeof PAPER_NAMES)[number];

/** Sizes of paper, upright (ISO 216; ANSI/ASME Y14.1 for Letter), mm. */
export const PAPERS: Readonly<Record<PaperName, PaperSize>> = {
  A6: { width: 105, height: 148 },
  A5: { width: 148, height: 210 },
  A4: { width: 210, height: 297 },
  Letter: { width: 215.9, height: 279.4 },
};
