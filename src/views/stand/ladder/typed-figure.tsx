import { useEffect, useRef } from 'react';
import { type Parsed, ParsedField } from '@/ui/field';
import { Button } from '@/ui/button';

interface TypedFigureProps<T> {
  label: string;
  /** Where on the ladder it belongs, px. */
  x: number;
  y: number;
  width: number;
  text: string;
  unit?: string;
  placeholder?: string;
  parse: (text: string) => Parsed<T>;
  onValue: (value: T) => void;
  onClose: () => void;
  /** Puts the figure back to what was worked out; absent: there is nothing to put back. */
  onBack?: (() => void) | undefined;
}

const WIDTH = 190;

/** A figure of the ladder to be typed, where it stands; Enter or leaving it puts the field away. */
export function TypedFigure<T>({ x, y, width, onClose, onBack, ...field }: TypedFigureProps<T>) {
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => box.current?.querySelector('input')?.select(), []);
  return (
    <div
      ref={box}
      className="absolute z-10 rounded-md border border-edge bg-ground p-2"
      style={{ left: Math.max(0, Math.min(x - WIDTH / 2, width - WIDTH)), width: WIDTH, bottom: y }}
      onBlur={(e) => !e.currentTarget.contains(e.relatedTarget) && onClose()}
      onKeyDown={(e) => e.key === 'Escape' && onClose()}
    >
      <ParsedField {...field} autoFocus onEnter={onClose} />
      {onBack && (
        <Button
          kind="quiet"
          className="mt-1 w-full"
          onClick={() => {
            onBack();
            onClose();
          }}
        >
          As computed
        </Button>
      )}
    </div>
  );
}
