import { oldestReadingMinutes } from '@/model';
import { type SlipRow, slipOf, type WorkingOf } from '@/words';
import { FIGURE_LINE, useWorkingButton } from './use-working-button';
import { useStand } from './stand-context';
import { useNow } from './use-now';

const WORKING_OF: Record<SlipRow['label'], WorkingOf> = { Glass: 'glass', Seat: 'seat', Expose: 'expose' };

const MAIN = 'text-[17px] font-semibold md:text-[21px]';

/** The slip: what to do now, in three rows that can be read at arm's length. */
export function SlipView() {
  const { stand, derived, search } = useStand();
  const now = useNow();
  const slip = slipOf({ stand, derived, search, oldestMinutes: oldestReadingMinutes(stand, now) });
  const has: Record<SlipRow['label'], boolean> = {
    Glass: derived.balance !== null,
    Seat: !!derived.inUse?.seat,
    Expose: derived.bracket ? derived.bracket.ok : !!derived.inUse?.outcome.exposure,
  };
  return (
    <section
      aria-label="Slip"
      aria-live="polite"
      aria-busy={search === 'working'}
      data-state={slip.state}
      className="grid grid-cols-[auto_minmax(0,1fr)] items-baseline gap-x-4 gap-y-0.5 border-t-2 border-ink py-2.5 max-md:border-b max-md:px-3.5 max-md:py-2 md:gap-x-6"
    >
      {slip.rows.map((row) => (
        <div key={row.label} className="contents">
          <div className="text-xs tracking-wider text-quiet uppercase md:text-[13px]">{row.label}</div>
          {has[row.label] ? <PressedRow row={row} /> : <div className="min-w-0">{rowText(row, MAIN)}</div>}
        </div>
      ))}
    </section>
  );
}

/** A row whose working is shown when it is pressed: all of it is the button, for cold fingers. */
function PressedRow({ row }: { row: SlipRow }) {
  return (
    <button {...useWorkingButton(WORKING_OF[row.label])} className="min-w-0 text-left">
      {rowText(row, `${MAIN} ${FIGURE_LINE}`)}
    </button>
  );
}

const rowText = ({ main, aside }: SlipRow, className: string) => (
  <>
    <span className={className}>{main}</span>
    {aside && <span className="ml-3 text-sm text-quiet md:text-[15px]">{aside}</span>}
  </>
);
