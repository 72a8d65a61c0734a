import { type Grade } from '@/model/bench';

/** How a try came out, by shape: a full square, a half one, an empty one; a dash for none. What it means stands beside it. */
export function GradeMark({ grade }: { grade: Grade | null }) {
  return (
    <svg viewBox="0 0 20 20" aria-hidden className="size-5 shrink-0">
      {grade === null ? (
        <path d="M5 10H15" stroke="var(--edge)" strokeWidth={2} />
      ) : (
        <>
          <rect x={3} y={3} width={14} height={14} fill="none" stroke="var(--ink)" strokeWidth={2} />
          {grade !== 'not-yet' && (
            <rect
              x={3}
              y={grade === 'near' ? 10 : 3}
              width={14}
              height={grade === 'near' ? 7 : 14}
              fill="var(--ink)"
            />
          )}
        </>
      )}
    </svg>
  );
}
