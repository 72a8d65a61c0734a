import { oldestReadingMinutes } from '@/model';
import { slipOf } from '@/words';
import { useStand } from './stand-context';
import { useNow } from './use-now';

/** The slip: what to do now, in three rows that can be read at arm's length. */
export function SlipView() {
  const { stand, derived, search } = useStand();
  const now = useNow();
  const slip = slipOf({ stand, derived, search, oldestMinutes: oldestReadingMinutes(stand, now) });
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
          <div className="min-w-0">
            <span className="text-[17px] font-semibold md:text-[21px]">{row.main}</span>
            {row.aside && <span className="ml-3 text-sm text-quiet md:text-[15px]">{row.aside}</span>}
          </div>
        </div>
      ))}
    </section>
  );
}
