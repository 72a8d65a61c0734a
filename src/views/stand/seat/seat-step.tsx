import { usedGlassMm } from '@/core/optics';
import { choose, type Glass, isSheet, sameChoice, type SheetFilter } from '@/model';
import { SlotSection } from '@/render';
import { Button } from '@/ui/button';
import { useCompact } from '@/ui/use-media';
import { computedSeat, filterName, turnText } from '@/words';
import { HolderStage } from './holder-stage';
import { SeatCurve } from './seat-curve';
import { SeatFields } from './seat-fields';
import { SeatFigures } from './seat-figures';
import { SeatThumb } from './seat-thumb';
import { useDerived, useEdit, useStandBag } from '../session';

/** px to the millimetre of the holder drawing. */
const SCALE = 1.6;

/** Step 4: the holder at true scale, and the figures of the seat as it moves. */
export function SeatStep() {
  const derived = useDerived();
  const compact = useCompact();
  const glass = derived.inUse;
  const sheets = glass?.filters.filter(isSheet) ?? [];
  const [sheet] = sheets;
  if (!glass?.seat || !sheet)
    return (
      <p className="text-quiet">
        {derived.plan || derived.chosen
          ? 'No grad is fitted, so there is nothing to seat.'
          : 'There is nothing to seat yet: the glass comes first.'}
      </p>
    );
  return (
    <div className="flex flex-col gap-4">
      {compact ? (
        <SeatThumb sheet={sheet} glass={glass} />
      ) : (
        <>
          <HolderDrawing sheets={sheets} />
          <SeatFields sheet={sheet} glass={glass} />
          <SeatCurve glass={glass} />
        </>
      )}
      {sheets.length > 1 && <SlotOrder sheets={sheets} glass={glass} />}
      <SeatFigures glass={glass} />
      <BackToComputed />
    </div>
  );
}

/** The holder, what of the glass the picture uses, and which slots are taken. */
function HolderDrawing({ sheets }: { sheets: readonly SheetFilter[] }) {
  const derived = useDerived();
  const bag = useStandBag();
  if (!derived.prepared) return null;
  const { lens, frame } = derived.prepared.input;
  const used = usedGlassMm(lens, frame);
  const slots = bag.slots ?? 1;
  // what is on the lens beside the grads takes the slots nearest it
  const first = slots - derived.prepared.freeSlots + 1;
  return (
    <div className="flex items-start gap-3">
      <HolderStage sheets={sheets} scale={SCALE} />
      <div className="min-w-0 space-y-3 text-sm text-quiet">
        <p>From behind the camera.</p>
        <p>
          Your picture uses {Math.round(used.widthMm)} by {Math.round(used.heightMm)} mm of the glass.
        </p>
        <SlotSection slots={slots} occupied={sheets.map((_, i) => Math.min(slots, first + i))} />
      </div>
    </div>
  );
}

/** Which sheet of a pair stands nearest the lens, and the way to change it. */
function SlotOrder({ sheets, glass }: { sheets: readonly SheetFilter[]; glass: Glass }) {
  const edit = useEdit();
  const { seat, filterIds } = glass;
  if (!seat) return null;
  return (
    <div className="flex flex-wrap items-center gap-3">
      <ol className="min-w-0 flex-1 text-sm" aria-label="Sheets from the lens outwards">
        {sheets.map((sheet, i) => (
          <li key={sheet.id}>
            {i === 0 ? 'Nearest the lens: ' : 'In front of it: '}
            <strong className="font-semibold">{filterName(sheet)}</strong>
          </li>
        ))}
      </ol>
      <Button onClick={() => edit((s) => choose(s, { ...seat, filterIds: [...filterIds].reverse() }))}>
        Change their order
      </Button>
    </div>
  );
}

/** The way back to the seat that was computed for this glass. */
function BackToComputed() {
  const derived = useDerived();
  const edit = useEdit();
  const { chosen } = derived;
  const computed = chosen && computedSeat(derived, chosen);
  if (!chosen?.seat || !computed) return null;
  const choice = { filterIds: chosen.filterIds, ...computed };
  const there = sameChoice({ filterIds: chosen.filterIds, ...chosen.seat }, choice);
  return (
    <div className="flex flex-wrap gap-2">
      <Button className="flex-1" disabled={there} onClick={() => edit((s) => choose(s, choice))}>
        {there ? 'This is the computed seat' : `Back to the computed seat (${turnText(computed.turnDeg)})`}
      </Button>
      <Button className="flex-1" onClick={() => edit((s) => choose(s, undefined))}>
        Let glass and seat follow again
      </Button>
    </div>
  );
}
