import { ChevronRight } from 'lucide-react';
import { type ReactNode, useState } from 'react';

export interface FoldProps {
  /** What is folded away, in a line. */
  summary: ReactNode;
  /** What is folded away; as a function it is made only once it is unfolded. */
  children: ReactNode | (() => ReactNode);
  open?: boolean | undefined;
  className?: string;
  id?: string;
}

/** Something seldom needed, folded away behind a line that says what it is. */
export function Fold({ summary, children, open, className = '', id }: FoldProps) {
  const [isMade, setMade] = useState(open ?? false);
  const isLazy = typeof children === 'function';
  return (
    <details
      id={id}
      open={open}
      className={`group ${className}`}
      onToggle={(e) => {
        if (e.currentTarget.open) setMade(true);
      }}
    >
      <summary className="flex min-h-11 cursor-pointer list-none items-center gap-1.5 text-quiet hover:text-ink [&::-webkit-details-marker]:hidden">
        <ChevronRight size={18} aria-hidden className="shrink-0 group-open:rotate-90" />
        <span>{summary}</span>
      </summary>
      {isLazy ? isMade && children() : children}
    </details>
  );
}
