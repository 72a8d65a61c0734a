import { skylineAt } from '@/core/field';
import { wayOf } from '@/model';
import { MarginNote } from '@/render';
import { placeText, sideNames, stopsFigure } from '@/words';
import { type DrawnSize } from '../parts/frame-path';
import { LeaderNote } from '../parts/leader-note';
import { useShownGlass } from '../parts/shown-glass';
import { useNextReading, useSession, useStand } from '../../session';

/** Sky and land that no reading lights yet: their tone is assumed, and says so. */
export function UnreadNotes({ width, height }: DrawnSize) {
  const stand = useStand();
  const next = useNextReading();
  // the mark of the next reading says it already
  const pointed = next?.code === 'unread' ? next.role : null;
  const at = skylineAt(stand.skyline)(0.5);
  // who puts a sheet on by eye, or only wants a time, is not asked for readings
  if (wayOf(stand) !== 'meter') return null;
  const read = new Set(stand.readings.map((r) => r.role));
  const notes = [
    { text: `${sideNames(stand).sky} not read yet`, v: at / 2, show: !read.has('sky') && pointed !== 'sky' },
    {
      text: 'land not read yet',
      v: (1 + at) / 2,
      show: !read.has('land') && !read.has('water') && pointed !== 'land',
    },
  ];
  return notes
    .filter((n) => n.show && n.v > 0.04 && n.v < 0.97)
    .map((n) => (
      <MarginNote key={n.text} x={width / 2} y={n.v * height} anchor="middle">
        {n.text}
      </MarginNote>
    ));
}

/** What the glass takes off the place where it does the most harm, noted where it applies and clear of the readings. */
export function GlassNotes({ width, height }: DrawnSize) {
  const isJudged = useSession((s) => s.step === 'balance' || s.step === 'seat');
  const worst = useShownGlass()?.figures?.spillWorst;
  if (!isJudged || !worst || worst.stops < 0.5) return null;
  const spot = { x: worst.u * width, y: worst.v * height };
  return (
    <g pointerEvents="none">
      <LeaderNote
        note={`${stopsFigure(worst.stops)} stops off ${placeText(worst)}`}
        spot={spot}
        frame={{ width, height }}
      />
      <circle
        cx={spot.x}
        cy={spot.y}
        r={4}
        fill="var(--note)"
        stroke="var(--note-casing)"
        strokeWidth={1.5}
      />
    </g>
  );
}
