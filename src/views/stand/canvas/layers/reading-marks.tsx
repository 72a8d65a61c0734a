import { type FramePoint, type PlacedReading, type Role } from '@/core/field';
import { changeReading, circleOn, removeReading } from '@/model';
import { MarginNote } from '@/render';
import { RoleMark } from '@/ui/role-mark';
import { stopsFigure, CANVAS_TEXT } from '@/words';
import { usePhotoSpot } from '../../read/photo-spot';
import { arrowMove, heldToFrame } from '../parts/frame-keys';
import { CircleOutline } from './photo-meter';
import { type DrawnSize } from '../parts/frame-path';
import { useAnswer, useDerived, useEdit, useSession, useSpotNames, useStand } from '../../session';
import { usePointDrag } from '../tools/use-point-drag';

/** The readings where they lie, to be dragged or moved by key, and the one that is being entered. */
export function ReadingMarks({ width, height }: DrawnSize) {
  const prepared = useDerived((d) => d.prepared);
  const isReading = useSession((s) => s.step === 'read');
  const draft = useSession((s) => s.draft);
  const readings = prepared?.input.field.readings ?? [];
  return (
    <>
      {readings.map((reading) => (
        <Mark key={reading.id} reading={reading} width={width} height={height} />
      ))}
      {isReading && draft.place && draft.role !== 'through' && (
        <DraftMark role={draft.role} place={draft.place} width={width} height={height} />
      )}
    </>
  );
}

function Mark({ reading, width, height }: DrawnSize & { reading: PlacedReading }) {
  const { id, place, role } = reading;
  const name = useSpotNames()(id);
  const isAdded = useAnswer((a) => a.shown.added.some((r) => r.id === id));
  const isEstimate = useAnswer((a) => isAdded || a.shown.shifts.has(id));
  const edit = useEdit();
  const isReading = useSession((s) => s.step === 'read');
  const selected = useSession((s) => s.selection?.kind === 'reading' && s.selection.id === id);
  const select = useSession((s) => s.select);
  const movable = isReading && !reading.rough && !isAdded;
  const moveTo = (to: FramePoint) => edit((s) => changeReading(s, id, heldToFrame(to)));
  const drag = usePointDrag(place, {
    width,
    height,
    enabled: movable,
    onStart: () => select({ kind: 'reading', id }),
    onMove: moveTo,
  });
  const figure = `${isEstimate ? '≈ ' : ''}${stopsFigure(reading.ev100)}`;
  const toLeft = place.u > 0.88;
  return (
    <g
      transform={`translate(${place.u * width} ${place.v * height})`}
      opacity={reading.rough ? 0.75 : 1}
      tabIndex={movable ? 0 : undefined}
      role={movable ? 'button' : 'img'}
      aria-label={`Reading of ${name}, EV ${figure}${reading.rough ? ', without a place' : ''}${reading.limit ? ', to be held' : ''}`}
      aria-pressed={movable ? selected : undefined}
      className={movable ? 'cursor-move' : 'pointer-events-none'}
      {...drag}
      onFocus={() => movable && select({ kind: 'reading', id })}
      onKeyDown={(e) => {
        if (e.key === 'Delete' || e.key === 'Backspace') {
          e.preventDefault();
          select(null);
          edit((s) => removeReading(s, id));
        }
        const move = arrowMove(e);
        if (move) moveTo({ u: place.u + move.u, v: place.v + move.v });
      }}
    >
      <circle r={22} fill="transparent" />
      {isReading && <MeteredCircle id={id} height={height} />}
      {selected && isReading && <circle r={14} fill="none" stroke="var(--panel)" strokeWidth={2} />}
      <RoleMark role={role} size={8} cased />
      {reading.limit && <path d="M-9 -13H9" stroke={`var(--${role})`} strokeWidth={3.5} />}
      <MarginNote x={toLeft ? -15 : 15} y={5} anchor={toLeft ? 'end' : 'start'} figure>
        {figure}
      </MarginNote>
    </g>
  );
}

/** What the meter took in of a reading, where its angle is known, true to size. */
function MeteredCircle({ id, height }: { id: string; height: number }) {
  const stand = useStand();
  const reading = stand.readings.find((r) => r.id === id);
  if (!reading || reading.spotAngleDeg === undefined || reading.u === undefined || reading.v === undefined)
    return null;
  const circle = circleOn(stand, { u: reading.u, v: reading.v }, reading.spotAngleDeg);
  return <CircleOutline circle={circle} height={height} />;
}

/** Where the reading that is being entered will lie. */
function DraftMark({ role, place, width, height }: DrawnSize & { role: Role; place: FramePoint }) {
  const setDraft = useSession((s) => s.setDraft);
  const meter = usePhotoSpot();
  return (
    <g
      transform={`translate(${place.u * width} ${place.v * height})`}
      tabIndex={0}
      role="button"
      aria-label={CANVAS_TEXT.newReadingArrowKeys(role, meter !== null)}
      onKeyDown={(e) => {
        if (e.key === 'Enter') meter?.take(place);
        const move = arrowMove(e);
        if (move) setDraft({ place: heldToFrame({ u: place.u + move.u, v: place.v + move.v }) });
      }}
    >
      <circle r={15} fill="none" stroke="var(--panel)" strokeWidth={3} />
      <circle r={15} fill="none" stroke={`var(--${role})`} strokeWidth={2} strokeDasharray="5 4" />
      <RoleMark role={role} size={8} cased />
    </g>
  );
}
