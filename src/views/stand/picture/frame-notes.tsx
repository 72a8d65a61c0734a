import { skylineAt } from '@/core/field';
import { type Glass } from '@/model';
import { MarginNote } from '@/render';
import { useNextReading } from '../read/use-next-reading';
import { placeText, sideNames, stopsFigure } from '@/words';
import { type DrawnSize } from './frame-path';
import { useStand } from '../stand-context';

/** Sky and land that no reading lights yet: their tone is assumed, and says so. */
export function UnreadNotes({ width, height }: DrawnSize) {
  const { stand, step } = useStand();
  const next = useNextReading();
  // the mark of the next reading says it already
  const pointed = step === 'read' && next?.code === 'unread' ? next.role : null;
  const at = skylineAt(stand.skyline)(0.5);
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
export function GlassNotes({ width, height, glass }: DrawnSize & { glass: Glass }) {
  const { derived } = useStand();
  const worst = glass.figures?.spillWorst;
  if (!worst || worst.stops < 0.5) return null;
  const x = worst.u * width;
  const y = worst.v * height;
  const note = `${stopsFigure(worst.stops)} stops off ${placeText(worst)}`;
  const taken = (derived.prepared?.input.field.readings ?? []).map(({ place }) => ({
    left: place.u * width - (place.u > 0.88 ? 60 : 14),
    right: place.u * width + (place.u > 0.88 ? 14 : 60),
    y: place.v * height,
  }));
  const textWidth = note.length * 7.4;
  const at = clearPlace({ x, y }, textWidth, { width, height }, taken);
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

/** Where a note beside a spot covers no reading and stays in the picture: the nearest of a few places round it. */
function clearPlace(
  spot: { x: number; y: number },
  textWidth: number,
  frame: DrawnSize,
  taken: readonly { left: number; right: number; y: number }[],
): { x: number; y: number } {
  const inside = (x: number) => Math.max(6, Math.min(x, frame.width - textWidth - 6));
  const places = [24, -24, 52, -52, 84, -84, 120, -120].flatMap((dy) =>
    [16, -textWidth - 10, -textWidth / 2].map((dx) => ({ x: inside(spot.x + dx), y: spot.y + dy })),
  );
  const isClear = (p: { x: number; y: number }) =>
    p.y > 18 &&
    p.y < frame.height - 8 &&
    taken.every((t) => t.right < p.x - 4 || t.left > p.x + textWidth + 4 || Math.abs(t.y - (p.y - 5)) > 20);
  return places.find(isClear) ?? { x: inside(spot.x + 16), y: spot.y + 24 };
}
