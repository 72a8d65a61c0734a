import { type ReactNode } from 'react';
import { type WorkingOf } from '@/words';
import { FIGURE_LINE, useWorkingButton } from './use-working-button';

interface FigureProps {
  of: WorkingOf;
  children: ReactNode;
  className?: string;
}

/** A computed figure: pressed, it shows in the worksheet where it comes from. */
export function Figure({ of, children, className = '' }: FigureProps) {
  return (
    <button
      {...useWorkingButton(of)}
      className={`text-left aria-expanded:decoration-action ${FIGURE_LINE} ${className}`}
    >
      {children}
    </button>
  );
}
