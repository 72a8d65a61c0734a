import { type FramePoint, skylineAt } from '@/core/field';
import { addSkylinePoint, midpointAfter, moveSkylinePoint, removeSkylinePoint } from '@/model';
import { PointHandle } from '../tools/point-handle';
import { type DrawnSize } from '../parts/frame-path';
import { useEdit, useSession, useStand } from '../../session';

/** The skyline over the frame; in the Frame step its points can be dragged, moved by key, added and removed. */
export function SkylineHandles({ width, height }: DrawnSize) {
  const stand = useStand();
  const step = useSession((s) => s.step);
  const outline = useSession((s) => s.outline);
  const selection = useSession((s) => s.selection);
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
        apart(stand.skyline, selection?.kind === 'point' ? selection.index : null, width).map((index) => (
          <Handle
            key={index}
            index={index}
            point={stand.skyline[index] as FramePoint}
            width={width}
            height={height}
          />
        ))}
    </>
  );
}

function Handle({ index, point, width, height }: DrawnSize & { index: number; point: FramePoint }) {
  const stand = useStand();
  const edit = useEdit();
  const selection = useSession((s) => s.selection);
  const select = useSession((s) => s.select);
  return (
    <PointHandle
      point={point}
      width={width}
      height={height}
      turned
      label={`Skyline point ${index + 1} of ${stand.skyline.length}, ${percent(point.u)} across, ${percent(point.v)} down`}
      selected={selection?.kind === 'point' && selection.index === index}
      onSelect={() => select({ kind: 'point', index })}
      onMove={(to) => edit((s) => moveSkylinePoint(s, index, to))}
      onRemove={() => edit((s) => removeSkylinePoint(s, index))}
      onInsert={() => edit((s) => addSkylinePoint(s, midpointAfter(s.skyline, index)))}
    />
  );
}

/** Handles nearer to each other than this cover each other, px. */
const APART_PX = 26;

/** The points that have room for a handle each, from left to right: looked at closely they part, and more of them have. */
function apart(points: readonly FramePoint[], chosen: number | null, width: number): number[] {
  let last = -Infinity;
  return points.flatMap(({ u }, index) => {
    const isShown = index === chosen || (u - last) * width >= APART_PX;
    if (isShown) last = u;
    return isShown ? [index] : [];
  });
}

const percent = (part: number): string => `${(part * 100).toFixed(1)} %`;
