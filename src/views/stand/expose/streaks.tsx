import { useState } from 'react';
import { streakSeconds } from '@/model/expose';
import { Button } from '@/ui/button';
import { Segmented } from '@/ui/segmented';
import { timeText, EXPOSE_TEXT } from '@/words';

const PARTS = [
  { value: '0.25', text: 'a quarter' },
  { value: '0.333', text: 'a third' },
  { value: '0.5', text: 'half' },
] as const;
/** What is tapped: a third can be told by the grid. */
const TAPPED_PART = 1 / 3;
type Part = (typeof PARTS)[number]['value'];

/** How fast the clouds go, tapped: when an edge comes to one place of the frame, and when it has come to another. */
export function Streaks({ onSeconds }: { onSeconds: (seconds: number) => void }) {
  const [part, setPart] = useState<Part>('0.333');
  const [startedMs, setStartedMs] = useState<number | null>(null);
  const [crossing, setCrossing] = useState<number | null>(null);
  const tap = (atMs: number) => {
    if (startedMs === null) return setStartedMs(atMs);
    const seconds = (atMs - startedMs) / 1000;
    setStartedMs(null);
    setCrossing(seconds);
    wish(seconds, part);
  };
  const wish = (crossed: number, streak: Part) =>
    onSeconds(Number(streakSeconds(crossed, TAPPED_PART, Number(streak)).toPrecision(2)));
  return (
    <div role="group" aria-label="Speed of the clouds" className="space-y-2">
      <Button className="w-full" onClick={(e) => tap(e.timeStamp)}>
        {startedMs === null ? EXPOSE_TEXT.cloudsEdgeBeginsCross : 'It has crossed the third'}
      </Button>
      <p className="text-sm text-quiet">{EXPOSE_TEXT.streaksLongPartFrames}</p>
      <Segmented
        label="Streaks as long as"
        value={part}
        options={PARTS}
        onValue={(next) => {
          setPart(next);
          if (crossing !== null) wish(crossing, next);
        }}
      />
      {crossing !== null && (
        <p className="text-sm text-quiet" role="status">
          A third took {timeText(crossing)}.
        </p>
      )}
    </div>
  );
}
