import { skylineAt } from '@/core/field';
import { wayOf } from '@/model';
import { MarginNote, noteWidth } from '@/render';
import { placeText, sideNames, stopsFigure } from '@/words';
import { clearPlace, takenByReadings } from '../clear-place';
import { type DrawnSize } from '../frame-path';
import { useShownGlass } from '../shown-glass';
import { useDerived, useNextReading, useSession, useStand } from '../../session';

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
  const derived = useDerived();
  const worst = useShownGlass()?.figures?.spillWorst;
  if (!isJudged || !worst || worst.stops < 0.5) return null;
  const x = worst.u * width;
  const y = worst.v * height;
  const note = `${stopsFigure(worst.stops)} stops off ${placeText(worst)}`;
  const frame = { width, height };
  const textWidth = noteWidth(note);
  const at = clearPlace({
    spot: { x, y },
    textWidth,
    frame,
    taken: takenByReadings(derived, frame),
  });
  const leader = `M${x} ${y}L${Math.min(at.x + textWidth, Math.max(at.x - 3, x))} ${y < at.y ? at.y - 13 : at.y + 4}`;
  return (
    <g pointerEvents="none">
      <path d={leader} stroke="var(--note-casing)" strokeWidth={3} />
      <path d={leader} stroke="var(--note)" strokeWidth={1.2} />
      <circle cx={x} cy={y} r={4} fill="var(--note)" stroke="var(--note-casing)" strokeWidth={1.5} />
      <MarginNote x={at.x} y={at.y}>
        {note}
      </MarginNote>
    </g>
  );
}
