import { MarginNote } from '@/render';
import { nextReadingNote } from '@/words';
import { useNextReading } from '../read/use-next-reading';
import { useStand } from '../stand-context';
import { type DrawnSize } from './frame-path';

/** Points in the frame at the reading that would help most now. */
export function NextMark({ width, height }: DrawnSize) {
  const { stand, step, draft } = useStand();
  const next = useNextReading();
  if (step !== 'read' || !next || draft.place || draft.again) return null;
  const place = 'reading' in next ? placed(next.reading) : next.place;
  if (!place) return null;
  return (
    <g
      transform={`translate(${place.u * width} ${place.v * height})`}
      pointerEvents="none"
      data-testid="next-reading"
    >
      <circle r={20} fill="none" stroke="var(--note-casing)" strokeWidth={5} />
      <circle r={20} fill="none" stroke="var(--note)" strokeWidth={2} strokeDasharray="6 5" />
      <MarginNote
        x={0}
        y={place.v < 0.15 ? 38 : -28}
        anchor={place.u < 0.15 ? 'start' : place.u > 0.85 ? 'end' : 'middle'}
      >
        {nextReadingNote(next, stand)}
      </MarginNote>
    </g>
  );
}

const placed = ({ u, v }: { readonly u?: number | undefined; readonly v?: number | undefined }) =>
  u === undefined || v === undefined ? null : { u, v };
