import { nextReadingNote } from '@/words';
import { useNextReading, useSession, useStand } from '../../session';
import { type DrawnSize } from '../parts/frame-path';
import { LeaderNote } from '../parts/leader-note';

/** The ring's radius, px. */
const RING = 20;

/** Points in the frame at the reading that would help most now. */
export function NextMark({ width, height }: DrawnSize) {
  const stand = useStand();
  const next = useNextReading();
  const draft = useSession((s) => s.draft);
  if (!next || draft.place || draft.again) return null;
  const place = 'reading' in next ? placed(next.reading) : next.place;
  if (!place) return null;
  const spot = { x: place.u * width, y: place.v * height };
  return (
    <g pointerEvents="none" data-testid="next-reading">
      <g transform={`translate(${spot.x} ${spot.y})`} fill="none">
        <circle r={RING} stroke="var(--note-casing)" strokeWidth={5} />
        <circle r={RING} stroke="var(--note)" strokeWidth={2} strokeDasharray="6 5" />
      </g>
      <LeaderNote note={nextReadingNote(next, stand)} spot={spot} frame={{ width, height }} reach={RING} />
    </g>
  );
}

const placed = ({ u, v }: { readonly u?: number | undefined; readonly v?: number | undefined }) =>
  u === undefined || v === undefined ? null : { u, v };
