import { useDrag } from '@use-gesture/react';
import { GripVertical } from 'lucide-react';
import { type KeyboardEvent, useRef, useState } from 'react';
import { isUpsideDown } from '@/core/optics';
import { type Glass, isSheet, movedToSlot, type Piece, piecesOn } from '@/model';
import { StackSection } from '@/render';
import { type Parsed, ParsedField } from '@/ui/field';
import { filterName, isDoubtful, PLACE_WHYS, placeName, refusedMoveText, SEAT_TEXT } from '@/words';
import { useEdit, useStand, useStandBag } from '../session';

/** All that is on the lens, from the lens outwards: where each piece sits and why, and the way to another slot. */
export function StackPart({ glass }: { glass: Glass }) {
  const stand = useStand();
  const bag = useStandBag();
  const { pieces, move, refusal } = useStack(glass);
  const slots = bag.slots ?? 1;
  if (pieces.length < 2 && !stand.fitted?.length) return null;
  return (
    <section aria-label="What goes where" className="border-t border-rule pt-3">
      <h3 className="text-sm text-quiet">{SEAT_TEXT.lensOutwardsSeenSide}</h3>
      <div className="flex items-start gap-3 pt-1">
        <StackSection
          slots={slots}
          pieces={pieces}
          upsideDown={!!glass.seat && isUpsideDown(glass.seat.turnDeg)}
        />
        <ol className="min-w-0 flex-1" aria-label="From the lens outwards">
          {pieces.map((piece) => (
            <Row key={piece.filter.id} piece={piece} slots={slots} onMove={(slot) => move(piece, slot)} />
          ))}
        </ol>
      </div>
      {refusal && (
        <p role="alert" className="border-l-2 border-fault pl-2.5 text-sm">
          {refusal}
        </p>
      )}
    </section>
  );
}

/** The pieces, and how one of them is moved; why that could not be, until something else is done. */
function useStack(glass: Glass) {
  const stand = useStand();
  const bag = useStandBag();
  const edit = useEdit();
  const [refusal, setRefusal] = useState<string | null>(null);
  const sheets = glass.filters.filter(isSheet);
  const move = ({ filter }: Piece, slot: number) => {
    const seat = glass.seat ?? { offsetMm: 0, turnDeg: 0 };
    const moved = movedToSlot(stand, bag, { sheets, seat }, { filterId: filter.id, slot });
    setRefusal(moved.ok ? null : refusedMoveText(moved.reason, bag.slots ?? 1));
    if (moved.ok) edit(() => moved.stand);
  };
  return { pieces: piecesOn(stand, bag, sheets), move, refusal };
}

interface RowProps {
  readonly piece: Piece;
  readonly slots: number;
  readonly onMove: (slot: number) => void;
}

function Row({ piece, slots, onMove }: RowProps) {
  const { filter, place, why } = piece;
  const row = useRef<HTMLLIElement>(null);
  const [lifted, setLifted] = useState(0);
  const slot = typeof place === 'number' ? place : null;
  const drag = useDrag(
    ({ last, movement: [, my] }) => {
      setLifted(last ? 0 : my);
      const steps = Math.round(my / (row.current?.offsetHeight || 1));
      if (last && steps && slot !== null) onMove(slot + steps);
    },
    { pointer: { keys: false } },
  );
  return (
    <li
      ref={row}
      className="flex items-center gap-2 border-b border-rule bg-panel py-1 last:border-b-0"
      style={lifted ? { transform: `translateY(${lifted}px)`, position: 'relative', zIndex: 1 } : undefined}
    >
      {slot === null ? (
        <span className="w-16 shrink-0 text-sm text-quiet">{placeName(piece)}</span>
      ) : (
        <ParsedField
          label={`Slot of ${filterName(filter)}`}
          hideLabel
          className="w-16 shrink-0"
          inputMode="numeric"
          text={why === 'no-slot' ? '–' : String(slot)}
          parse={parseSlot}
          onValue={(next) => {
            if (next !== slot) onMove(next);
          }}
        />
      )}
      <span className="min-w-0 flex-1">
        <span className="block font-semibold">{filterName(filter)}</span>
        <span className={`block text-sm ${isDoubtful(why) ? 'text-fault' : 'text-quiet'}`}>
          {PLACE_WHYS[why]}
        </span>
      </span>
      {slot !== null && slots > 1 && (
        <button
          type="button"
          aria-label={SEAT_TEXT.moveUpArrowNearer(filterName(filter))}
          className="flex size-11 shrink-0 cursor-grab touch-none items-center justify-center text-quiet hover:text-ink"
          onKeyDown={(e) => stepByKey(e, slot, onMove)}
          {...drag()}
        >
          <GripVertical size={18} aria-hidden />
        </button>
      )}
    </li>
  );
}

/** Moves a piece a slot on by an arrow key. */
function stepByKey(e: KeyboardEvent, slot: number, onMove: (slot: number) => void): void {
  const by = { ArrowUp: -1, ArrowDown: 1 }[e.key];
  if (by === undefined) return;
  e.preventDefault();
  e.stopPropagation();
  onMove(slot + by);
}

/** A slot as it is typed; whether the holder has it is told where it is moved. */
function parseSlot(text: string): Parsed<number> {
  const slot = Number(text);
  return /^\d{1,2}$/.test(text.trim())
    ? { ok: true, value: slot }
    : { ok: false, error: 'A number, 1 nearest the lens.' };
}
