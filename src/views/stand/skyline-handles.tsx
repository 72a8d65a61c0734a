import { type FramePoint, skylineAt } from '@/core/field';
import { addSkylinePoint, midpointAfter, moveSkylinePoint, removeSkylinePoint } from '@/model';
import { arrowMove, heldToFrame } from './frame-keys';
import { useStand } from './stand-context';
import { usePointDrag } from './use-point-drag';

interface Box {
  width: number;
  height: number;
}

/** The skyline over the frame; in the Frame step its points can be dragged, moved by key, added and removed. */
export function SkylineHandles({ width, height }: Box) {
  const { stand, step, outline, selection } = useStand();
  // while a shape is being outlined a click near the skyline is a corner
  const editing = step === 'frame' && !outline;
  const at = skylineAt(stand.skyline);
  const inner = [...stand.skyline].sort((a, b) => a.u - b.u).filter((p) => p.u > 0 && p.u < 1);
  const line = [{ u: 0, v: at(0) }, ...inner, { u: 1, v: at(1) }]
    .map(({ u, v }) => `${u * width},${v * height}`)
    .join(' ');
  if (!editing) return null;
  return (
    <>
      <polyline
        points={line}
        fill="none"
        stroke="var(--note-casing)"
        strokeWidth={3.5}
        pointerEvents="none"
      />
      <polyline
        points={line}
        fill="none"
        stroke="var(--note)"
        strokeWidth={1.5}
        strokeDasharray="6 4"
        pointerEvents="none"
      />
      {/* a selected shape's corners often lie on the skyline's points, and it is them that are meant */}
      {selection?.kind !== 'shape' &&
        stand.skyline.map((point, index) => (
          <Handle key={index} index={index} point={point} width={width} height={height} />
        ))}
    </>
  );
}

function Handle({ index, point, width, height }: Box & { index: number; point: FramePoint }) {
  const { stand, edit, selection, select } = useStand();
  const selected = selection?.kind === 'point' && selection.index === index;
  const moveTo = (to: FramePoint) => edit((s) => moveSkylinePoint(s, index, heldToFrame(to)));
  const drag = usePointDrag(point, {
    width,
    height,
    onStart: () => select({ kind: 'point', index }),
    onMove: moveTo,
  });
  return (
    <g
      transform={`translate(${point.u * width} ${point.v * height})`}
      tabIndex={0}
      role="button"
      aria-label={`Skyline point ${index + 1} of ${stand.skyline.length}, ${percent(point.u)} across, ${percent(point.v)} down`}
      className="cursor-move"
      {...drag}
      onFocus={() => select({ kind: 'point', index })}
      onKeyDown={(e) => {
        if (e.key === 'Delete' || e.key === 'Backspace') {
          e.preventDefault();
          edit((s) => removeSkylinePoint(s, index));
        }
        if (e.key === 'Enter' || e.key === 'Insert')
          edit((s) => addSkylinePoint(s, midpointAfter(s.skyline, index)));
        const move = arrowMove(e);
        if (move) moveTo({ u: point.u + move.u, v: point.v + move.v });
      }}
    >
      <circle r={20} fill="transparent" />
      <rect
        x={-6}
        y={-6}
        width={12}
        height={12}
        transform="rotate(45)"
        fill={selected ? 'var(--action)' : 'var(--note)'}
        stroke="var(--note-casing)"
        strokeWidth={2}
      />
    </g>
  );
}

const percent = (part: number): string => `${(part * 100).toFixed(1)} %`;
