import { MarginNote, noteWidth } from '@/render';
import { useDerived } from '../../session';
import { clearPlace, leaderEnd, takenBy } from './clear-place';
import { type DrawnSize } from './frame-path';
import { useShownGlass } from './shown-glass';

interface LeaderNoteProps {
  readonly note: string;
  /** What it is about, px. */
  readonly spot: { readonly x: number; readonly y: number };
  readonly frame: DrawnSize;
  /** How far the spot's own mark reaches. */
  readonly reach?: number;
}

/** A note beside what it is about, with a line to it; over no reading and no seam. Where there is no room for it there is none. */
export function LeaderNote({ note, spot, frame, reach = 0 }: LeaderNoteProps) {
  const { prepared } = useDerived();
  const seam = useShownGlass()?.outcome.seam;
  const textWidth = noteWidth(note);
  const seams = seam ? [seam.at, ...(seam.farAt ? [seam.farAt] : [])] : [];
  const at = clearPlace({
    spot,
    textWidth,
    frame,
    taken: takenBy(prepared.input.field.readings, seams, frame),
    reach,
  });
  if (!at) return null;
  const end = leaderEnd(at, spot, textWidth);
  // the line begins where the spot's own mark ends
  const away = Math.hypot(end.x - spot.x, end.y - spot.y) || 1;
  const part = Math.min(1, reach / away);
  const start = { x: spot.x + part * (end.x - spot.x), y: spot.y + part * (end.y - spot.y) };
  const leader = `M${start.x} ${start.y}L${end.x} ${end.y}`;
  return (
    <>
      <path d={leader} stroke="var(--note-casing)" strokeWidth={3} />
      <path d={leader} stroke="var(--note)" strokeWidth={1.2} />
      <MarginNote x={at.x} y={at.y}>
        {note}
      </MarginNote>
    </>
  );
}
