import { ChevronRight } from 'lucide-react';
import { type ReactNode } from 'react';

export interface FoldProps {
  /** What is folded away, in a line. */
  summary: ReactNode;
  children: ReactNode;
  open?: boolean | undefined;
  className?: string;
  id?: string;
}

/** Something seldom needed, folded away behind a line that says what it is. */
export function Fold({ summary, children, open, className = '', id }: FoldProps) {
  return (
    <details id={id} open={open} className={`group ${className}`}>
      <summary className="flex min-h-11 cursor-pointer list-none items-center gap-1.5 text-quiet hover:text-ink [&::-webkit-details-marker]:hidden">
        <ChevronRight size={18} aria-hidden className="shrink-0 group-open:rotate-90" />
        <span>{summary}</span>
      </summary>
      {children}
    </details>
  );
}
