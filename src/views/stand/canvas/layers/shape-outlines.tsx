import { type FramePoint } from '@/core/field';
import { addCornerAfter, changeShape, removeCorner, type StandShape } from '@/model';
import { MarginNote } from '@/render';
import { DrawnOutline } from './drawn-outline';
import { type DrawnSize, pathOf } from '../parts/frame-path';
import { PointHandle } from '../tools/point-handle';
import { shapeName, CANVAS_TEXT } from '@/words';
import { useEdit, useSession, useStand } from '../../session';

/** In the Frame step: the outlines of what is marked, the corners of the selected one, and the one being drawn. */
export function ShapeOutlines({ width, height }: DrawnSize) {
  const stand = useStand();
  const step = useSession((s) => s.step);
  const selection = useSession((s) => s.selection);
  const outline = useSession((s) => s.outline);
  if (step !== 'frame') return null;
  return (
    <>
      {(stand.shapes ?? []).map((shape) => (
        <Outline
          key={shape.id}
          shape={shape}
          selected={selection?.kind === 'shape' && selection.id === shape.id}
          width={width}
          height={height}
        />
      ))}
      {outline && <DrawnOutline outline={outline} width={width} height={height} />}
    </>
  );
}

function Outline({ shape, selected, ...box }: DrawnSize & { shape: StandShape; selected: boolean }) {
  const stand = useStand();
  const select = useSession((s) => s.select);
  const { id, points, region } = shape;
  const name = shapeName(id, stand.shapes);
  const top = points.reduce((a, b) => (b.v < a.v ? b : a));
  const path = pathOf(points, box);
  return (
    <g data-testid="shape">
      <polygon points={path} fill="none" stroke="var(--note-casing)" strokeWidth={3.5} pointerEvents="none" />
      <polygon
        points={path}
        fill="none"
        stroke={`var(--${region === 'ignore' ? 'quiet' : region})`}
        strokeWidth={2}
        strokeDasharray={selected ? undefined : '5 3'}
        pointerEvents="none"
      />
      <g
        role="button"
        tabIndex={0}
        aria-pressed={selected}
        aria-label={`Outline of ${name}, ${points.length} corners`}
        className="cursor-pointer"
        onClick={() => select({ kind: 'shape', id })}
        onKeyDown={(e) => (e.key === 'Enter' || e.key === ' ') && select({ kind: 'shape', id })}
      >
        <MarginNote
          x={Math.min(box.width - 30, Math.max(30, top.u * box.width))}
          y={Math.max(14, top.v * box.height - 8)}
          anchor="middle"
        >
          {name}
        </MarginNote>
      </g>
      {selected && points.map((_, index) => <Corner key={index} shape={shape} index={index} {...box} />)}
    </g>
  );
}

function Corner({ shape, index, width, height }: DrawnSize & { shape: StandShape; index: number }) {
  const stand = useStand();
  const edit = useEdit();
  const select = useSession((s) => s.select);
  const { id, points } = shape;
  return (
    <PointHandle
      point={points[index] as FramePoint}
      width={width}
      height={height}
      turned={false}
      label={CANVAS_TEXT.cornerArrowKeysMove(index + 1, points.length, shapeName(id, stand.shapes))}
      selected={false}
      onSelect={() => select({ kind: 'shape', id })}
      onMove={(to) =>
        edit((s) => changeShape(s, id, { points: points.map((p, i) => (i === index ? to : p)) }))
      }
      onRemove={() => edit((s) => removeCorner(s, shape, index))}
      onInsert={() => edit((s) => addCornerAfter(s, shape, index))}
    />
  );
}
