/** A place on a page, mm from its left and upper edge. */
export type Spot = readonly [x: number, y: number];

/** What a page is made of, lengths in mm: three painters know no more than this. */
export type Mark =
  /** A line of text: its left end on the baseline, or its right end, and its type's size. */
  | {
      readonly kind: 'text';
      readonly at: Spot;
      readonly size: number;
      readonly isBold: boolean;
      readonly text: string;
      readonly ink: string;
      readonly isRight?: boolean;
      /** How wide it was measured: no painter sets it otherwise. */
      readonly width: number;
    }
  | {
      readonly kind: 'line';
      readonly spots: readonly Spot[];
      readonly width: number;
      readonly ink: string;
      readonly isDashed?: boolean;
    }
  | { readonly kind: 'area'; readonly spots: readonly Spot[]; readonly ink: string }
  | {
      readonly kind: 'image';
      readonly at: Spot;
      readonly width: number;
      readonly height: number;
      /** The address of a JPEG image that holds its bytes. */
      readonly href: string;
    };

/** A page: its size, mm, and its marks, the lowest first. */
export interface PageMarks {
  readonly width: number;
  readonly height: number;
  readonly marks: readonly Mark[];
}

/** How wide a line of text runs at a size of type, mm. */
export type Measure = (text: string, size: number, isBold: boolean) => number;

/** Inks of a printed page: what is read is all but black, what stands beside it as dark as a bad printer needs. */
export const INK = '#101010';
export const QUIET = '#454545';
export const RULE = '#9a9a9a';
export const PAPER = '#ffffff';
/** The seam's own straw, light enough to stay one in grey. */
export const SEAM = '#efe3a6';

export const rectangle = (x: number, y: number, width: number, height: number): Spot[] => [
  [x, y],
  [x + width, y],
  [x + width, y + height],
  [x, y + height],
];

/** Spots as the data of a path. */
export const pathOf = (spots: readonly Spot[], isClosed: boolean): string =>
  `M${spots.map(([x, y]) => `${x.toFixed(3)} ${y.toFixed(3)}`).join('L')}${isClosed ? 'Z' : ''}`;

/** Marks moved across the page. */
export function movedBy(marks: readonly Mark[], dx: number, dy: number): Mark[] {
  const moved = ([x, y]: Spot): Spot => [x + dx, y + dy];
  return marks.map((mark) =>
    'spots' in mark ? { ...mark, spots: mark.spots.map(moved) } : { ...mark, at: moved(mark.at) },
  );
}
