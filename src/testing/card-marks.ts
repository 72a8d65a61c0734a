import fc from 'fast-check';
import { ROLES } from '@/core/field';
import { type PaperSize } from '@/core/units';
import { type Mark, type Spot } from '@/render/card/marks';

type TextMark = Extract<Mark, { kind: 'text' }>;

export const words = (maxLength: number) =>
  fc
    .array(fc.oneof(fc.lorem({ maxCount: 3 }), fc.string({ unit: 'grapheme', maxLength: 60 })), {
      maxLength: 6,
    })
    .map((parts) => parts.join(' ').slice(0, maxLength).trim() || 'land');

export const row = fc.record(
  { role: fc.constantFrom(...ROLES), text: words(120), figure: words(60), isTicked: fc.boolean() },
  { requiredKeys: ['text'] },
);
export const part = (maxLength: number) =>
  fc.record({ title: fc.constantFrom('Read', 'Times'), rows: fc.array(row, { maxLength }) });
/** The corners of what a mark covers. */
const cornersOf = (mark: Mark): readonly Spot[] => {
  switch (mark.kind) {
    case 'text': {
      const { left, top, right, bottom } = boxOf(mark);
      return [
        [left, top],
        [right, bottom],
      ];
    }
    case 'image':
      return [mark.at, [mark.at[0] + mark.width, mark.at[1] + mark.height]];
    case 'line':
    case 'area':
      return mark.spots;
  }
};

const boxOf = ({ at: [x, y], width, size, isRight }: TextMark) => ({
  left: isRight ? x - width : x,
  right: isRight ? x : x + width,
  top: y - 0.75 * size,
  bottom: y + 0.25 * size,
});

export const textsOf = (marks: readonly Mark[]) => marks.filter((mark) => mark.kind === 'text');
export const saidOn = (marks: readonly Mark[]) => textsOf(marks).map((mark) => mark.text);

/** By how much two lines of text lie over each other at most, mm. */
export function worstOverlap(marks: readonly Mark[]): number {
  const boxes = textsOf(marks).map(boxOf);
  const over = boxes.flatMap((a, i) =>
    boxes.slice(i + 1).map((b) => {
      const across = Math.min(a.right, b.right) - Math.max(a.left, b.left);
      const down = Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top);
      return Math.min(across, down);
    }),
  );
  return Math.max(0, ...over);
}

/** By how much anything runs off the paper at most, mm. */
export const worstOutside = (marks: readonly Mark[], { width, height }: PaperSize): number =>
  Math.max(...marks.flatMap(cornersOf).map(([x, y]) => Math.max(-x, -y, x - width, y - height)));
