import { useRef, useState } from 'react';
import { type Take, takeNumber } from '@/model';
import { useSize } from '@/ui/use-size';
import { useStand } from '../session';
import { TakePicture } from './take-picture';

/** Two shots one over the other, parted by a line that is drawn across. */
export function Compared({ first, second }: { first: Take; second: Take }) {
  const stand = useStand();
  const [part, setPart] = useState(50);
  const box = useRef<HTMLDivElement>(null);
  const { width } = useSize(box);
  return (
    <div ref={box} className="space-y-1 pb-2">
      {width > 0 && (
        <div className="relative inline-block overflow-hidden">
          <TakePicture take={second} side={Math.floor(width)} className="block" />
          <div className="absolute inset-0" style={{ clipPath: `inset(0 ${100 - part}% 0 0)` }}>
            <TakePicture take={first} side={Math.floor(width)} className="block" />
          </div>
          <div aria-hidden className="absolute inset-y-0 w-0.5 bg-panel" style={{ left: `${part}%` }} />
        </div>
      )}
      <input
        type="range"
        min={0}
        max={100}
        value={part}
        aria-label="Where the two shots part"
        aria-valuetext={`${part} % from the left`}
        className="h-11 w-full accent-(--action)"
        onChange={(e) => setPart(Number(e.target.value))}
      />
      <p className="flex justify-between text-sm text-quiet">
        <span>shot {takeNumber(stand, first.id)}</span>
        <span>shot {takeNumber(stand, second.id)}</span>
      </p>
    </div>
  );
}
