import { usedGlassMm } from '@/core/optics';
import { choose, isSheet, sameChoice, type SheetFilter } from '@/model';
import { Button } from '@/ui/button';
import { useCompact } from '@/ui/use-media';
import { computedSeat, turnText, SEAT_TEXT } from '@/words';
import { FinderViews } from './finder-views';
import { HolderStage } from './holder-stage';
import { SeatCurve } from './seat-curve';
import { SeatFields } from './seat-fields';
import { SeatFigures } from './seat-figures';
import { SeatThumb } from './seat-thumb';
import { SecondSheet } from './second-sheet';
import { StackPart } from './stack-part';
import { TurnedTogether } from './turned-together';
import { TooLowTooHigh } from './too-low-too-high';
import { useSeat } from './use-seat';
import { useDerived, useEdit } from '../session';

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
        {derived.plan || derived.chosen ? SEAT_TEXT.noGradFittedNothing : SEAT_TEXT.nothingSeatYetGlass}
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
      <SecondSheet glass={glass} />
      <TurnedTogether glass={glass} />
      <TooLowTooHigh />
      <StackPart glass={glass} />
      <FinderViews />
      <SeatFigures />
      <BackToComputed />
    </div>
  );
}

/** The holder, and what of the glass the picture uses. */
function HolderDrawing({ sheets }: { sheets: readonly SheetFilter[] }) {
  const derived = useDerived();
  if (!derived.prepared) return null;
  const { lens, frame } = derived.prepared.input;
  const used = usedGlassMm(lens, frame);
  return (
    <div className="flex items-start gap-3">
      <HolderStage sheets={sheets} scale={SCALE} />
      <div className="min-w-0 space-y-3 text-sm text-quiet">
        <p>From behind the camera.</p>
        <p>{SEAT_TEXT.yourPictureUsesMm(Math.round(used.widthMm), Math.round(used.heightMm))}</p>
        <FlipButton />
      </div>
    </div>
  );
}

/** Turns the sheet upside down where it is: its line stays, and what was dark is clear. */
function FlipButton() {
  const { flip } = useSeat();
  return <Button onClick={flip}>Flip it</Button>;
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
        {SEAT_TEXT.letGlassSeatFollow}
      </Button>
    </div>
  );
}
