import { Minus, Plus } from 'lucide-react';
import { type ReactNode } from 'react';

export interface StepperProps {
  label: string;
  /** The figure between the buttons. */
  children: ReactNode;
  less: string;
  more: string;
  onStep: (way: 1 | -1) => void;
  canLess?: boolean;
  canMore?: boolean;
}

/** A figure with a step either way. */
export function Stepper({
  label,
  children,
  less,
  more,
  onStep,
  canLess = true,
  canMore = true,
}: StepperProps) {
  const button =
    'flex size-11 shrink-0 items-center justify-center rounded-md border border-edge bg-panel hover:bg-chosen disabled:opacity-40';
  return (
    <div role="group" aria-label={label}>
      <div className="mb-1 text-sm text-quiet">{label}</div>
      <div className="flex items-center gap-2">
        <button
          type="button"
          aria-label={less}
          className={button}
          disabled={!canLess}
          onClick={() => onStep(-1)}
        >
          <Minus size={18} aria-hidden />
        </button>
        <div className="min-w-0 flex-1 text-center text-xl font-semibold">{children}</div>
        <button
          type="button"
          aria-label={more}
          className={button}
          disabled={!canMore}
          onClick={() => onStep(1)}
        >
          <Plus size={18} aria-hidden />
        </button>
      </div>
    </div>
  );
}
