import { mean } from '@/core/numerics';
import { type LadderMark, type LadderScale } from './layout';

/** What is drawn as one mark: a role's mean, or one of its readings. */
export interface DrawnMark {
  readonly mark: LadderMark;
  /** The single reading; null for the mean. */
  readonly id: string | null;
  readonly bare: number;
  readonly through: number;
  /** Where the marks stand so that none hides another, px. */
  readonly bareX: number;
  readonly throughX: number;
}

/** Marks stand at least so far from one another, px. */
const APART = 16;

/** The marks of the ladder, clear of one another. */
export function drawnMarks(marks: readonly LadderMark[], x: LadderScale): DrawnMark[] {
  const drawn = marks.flatMap((mark) =>
    mark.isOpen && mark.spots.length > 1
      ? mark.spots.map(({ id, bare, through }) => ({ mark, id, bare, through }))
      : [
          {
            mark,
            id: mark.spots.length === 1 ? (mark.spots[0]?.id ?? null) : null,
            bare: mean(mark.spots.map((s) => s.bare)),
            through: mean(mark.spots.map((s) => s.through)),
          },
        ],
  );
  const bareXs = keptApart(
    drawn.map((d) => x(d.bare)),
    APART,
  );
  const throughXs = keptApart(
    drawn.map((d) => x(d.through)),
    APART,
  );
  return drawn.map((d, i) => ({ ...d, bareX: bareXs[i] as number, throughX: throughXs[i] as number }));
}

/**
 * Places as near to the wanted ones as they can be with a gap between neighbours, in the same order: groups that are pushed
 * together stand about their own middle.
 */
export function keptApart(wanted: readonly number[], gap: number): number[] {
  const order = wanted.map((x, i) => ({ x, i })).sort((a, b) => a.x - b.x || a.i - b.i);
  const groups: { sum: number; members: number[] }[] = [];
  order.forEach(({ x, i }) => {
    groups.push({ sum: x, members: [i] });
    for (;;) {
      const [a, b] = groups.slice(-2);
      if (!a || !b || middle(b) - half(b) >= middle(a) + half(a) + gap) break;
      groups.splice(-2, 2, { sum: a.sum + b.sum, members: [...a.members, ...b.members] });
    }
  });
  function middle(group: { sum: number; members: number[] }) {
    return group.sum / group.members.length;
  }
  function half(group: { members: number[] }) {
    return ((group.members.length - 1) * gap) / 2;
  }
  const placed = [...wanted];
  for (const group of groups)
    group.members.forEach((i, k) => {
      placed[i] = middle(group) + k * gap - half(group);
    });
  return placed;
}
