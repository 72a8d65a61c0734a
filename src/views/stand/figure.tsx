import { type ReactNode } from 'react';
import { type WorkingOf } from '@/words';
import { useStand } from './stand-context';

interface FigureProps {
  of: WorkingOf;
  children: ReactNode;
  className?: string;
}

/** A computed figure: pressed, it shows in the worksheet where it comes from. */
export function Figure({ of, children, className = '' }: FigureProps) {
  const { workingOf, showWorking } = useStand();
  const open = workingOf === of;
  return (
    <button
      type="button"
      aria-expanded={open}
      aria-controls={open ? 'working' : undefined}
      title="Show the working"
      onClick={() => showWorking(open ? null : of)}
      className={`text-left underline decoration-edge decoration-dotted decoration-2 underline-offset-4 hover:decoration-action ${open ? 'decoration-action' : ''} ${className}`}
    >
      {children}
    </button>
  );
}
