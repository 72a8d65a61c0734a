import { type FramePoint } from '@/core/field';
import { arrowMove, heldToFrame } from '../parts/frame-keys';
import { usePointDrag } from './use-point-drag';

export interface PointHandleProps {
  point: FramePoint;
  /** Size of the picture in the units of the drawing. */
  width: number;
  height: number;
  label: string;
  selected: boolean;
  /** Points of a line stand on their corners, corners of a shape on their sides. */
  turned: boolean;
  onSelect: () => void;
  onMove: (to: FramePoint) => void;
  onRemove: () => void;
  /** Asks for a further point after this one. */
  onInsert: () => void;
}

/** A point of a line or a shape over the frame: dragged, or moved, removed and added to by key. */
export function PointHandle(props: PointHandleProps) {
  const { point, width, height, label, selected, turned, onSelect, onRemove, onInsert } = props;
  const moveTo = (to: FramePoint) => props.onMove(heldToFrame(to));
  const drag = usePointDrag(point, { width, height, onStart: onSelect, onMove: moveTo });
  const side = turned ? 12 : 10;
  return (
    <g
      transform={`translate(${point.u * width} ${point.v * height})`}
      tabIndex={0}
      role="button"
      aria-label={label}
      className="cursor-move"
      {...drag}
      onFocus={onSelect}
      onKeyDown={(e) => {
        if (e.key === 'Delete' || e.key === 'Backspace') {
          e.preventDefault();
          onRemove();
        }
        if (e.key === 'Enter' || e.key === 'Insert') onInsert();
        const move = arrowMove(e);
        if (move) moveTo({ u: point.u + move.u, v: point.v + move.v });
      }}
    >
      <circle r={20} fill="transparent" />
      <rect
        x={-side / 2}
        y={-side / 2}
        width={side}
        height={side}
        transform={turned ? 'rotate(45)' : undefined}
        fill={selected ? 'var(--action)' : 'var(--note)'}
        stroke="var(--note-casing)"
        strokeWidth={2}
      />
    </g>
  );
}
