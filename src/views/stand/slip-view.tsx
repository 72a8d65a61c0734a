import { useCompact } from '@/ui/use-media';
import { type SlipRow, type WorkingOf } from '@/words';
import { FIGURE_LINE, useWorkingButton } from './use-working-button';
import { useAnswer, useDerived, useSlip } from './session';

const WORKING_OF: Record<SlipRow['label'], WorkingOf> = { Glass: 'glass', Seat: 'seat', Expose: 'expose' };

/** What belongs to earlier readings is quiet until it is worked out anew; a search that is done at once does not flash. */
const MAIN =
  'text-[17px] font-semibold transition-colors in-data-[stale=true]:text-quiet in-data-[stale=true]:delay-300 desk:text-[21px]';

/** The slip: what to do now, in three rows that can be read at arm's length. */
export function SlipView() {
  const derived = useDerived();
  const search = useAnswer((a) => a.search);
  const slip = useSlip();
  const has: Record<SlipRow['label'], boolean> = {
    Glass: derived.balance !== null,
    Seat: !!derived.inUse?.seat,
    Expose: derived.bracket
      ? derived.bracket.ok
      : !!derived.inUse?.outcome.exposure || derived.wholeScene !== null,
  };
  return (
    <section
      aria-label="Slip"
      aria-live="polite"
      aria-busy={search === 'working'}
      data-state={slip.state}
      data-stale={derived.stale && derived.balance !== null}
      className="grid shrink-0 grid-cols-[auto_minmax(0,1fr)] items-baseline gap-x-4 gap-y-0.5 border-t-2 border-ink py-2.5 compact:border-t-0 compact:border-b compact:px-3.5 compact:py-2 desk:gap-x-6 typing:hidden"
    >
      {slip.rows.map((row) => (
        <div key={row.label} className="contents">
          <div className="text-xs tracking-wider text-quiet uppercase desk:text-[13px]">{row.label}</div>
          {has[row.label] ? (
            <PressedRow row={row} />
          ) : (
            <div className="min-w-0">
              <RowText row={row} />
            </div>
          )}
        </div>
      ))}
    </section>
  );
}

/**
 * A row whose working is shown when it is pressed: all of it is the button, for cold fingers. On a phone it keeps to one
 * line until then, so that the picture and the controls stay where they are.
 */
function PressedRow({ row }: { row: SlipRow }) {
  const compact = useCompact();
  const derived = useDerived();
  const isScene = row.label === 'Expose' && derived.wholeScene !== null;
  const button = useWorkingButton(isScene ? 'scene' : WORKING_OF[row.label]);
  const oneLine = compact && !button['aria-expanded'];
  return (
    <button {...button} className={`min-w-0 text-left ${oneLine ? 'truncate' : ''}`}>
      <RowText row={row} line={FIGURE_LINE} />
    </button>
  );
}

function RowText({ row: { main, brief, aside }, line = '' }: { row: SlipRow; line?: string }) {
  const compact = useCompact();
  return (
    <>
      <span className={`${MAIN} ${line}`}>{compact ? brief : main}</span>
      {aside && <span className="ml-3 text-sm text-quiet desk:text-[15px] compact:ml-2">{aside}</span>}
    </>
  );
}
