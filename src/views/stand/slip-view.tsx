import { SlidersHorizontal } from 'lucide-react';
import { useMemo, useRef, useState } from 'react';
import { differencesFrom, doubtfulRows, lastTake } from '@/model';
import { useKeptHeight } from '@/ui/use-kept-height';
import { type ChangesText, changesText, type SlipRow, type WorkingOf } from '@/words';
import { Term } from '../shared/term';
import { ExposureSettings } from './exposure-settings';
import { UsualLookQuestion } from './usual-look';
import { FIGURE_LINE, useWorkingButton } from './parts/use-working-button';
import { useAnswer, useDerived, useSession, useSlip, useSolved, useStand } from './session';

const WORKING_OF = { Glass: 'glass', Seat: 'seat', Expose: 'expose' } as const satisfies Record<
  SlipRow['label'],
  WorkingOf
>;

/** What belongs to earlier readings is quiet until it is worked out anew; a search that is done at once does not flash. */
const MAIN =
  'text-[17px] font-semibold transition-colors in-data-[stale=true]:text-quiet in-data-[stale=true]:delay-300 desk:text-[20px] desk:leading-6';

const LABEL = 'text-xs tracking-wider text-quiet uppercase desk:text-[13px]';

/** The slip: what to do now, in three rows that can be read at arm's length; aperture and ISO are changed on the last. */
export function SlipView() {
  const derived = useDerived();
  const search = useAnswer((a) => a.search);
  const slip = useSlip();
  const changes = useChanges();
  const doAgain = useStand((s) => s.doAgain);
  const doubtful = doubtfulRows({ doAgain });
  const [sets, setSets] = useState(false);
  const box = useRef<HTMLElement>(null);
  const step = useSession((s) => s.step);
  useKeptHeight(box, `${step} ${sets}`);
  const has: Record<SlipRow['label'], boolean> = {
    Glass: derived.balance !== null,
    Seat: !!derived.inUse?.seat,
    Expose: derived.bracket
      ? derived.bracket.ok
      : !!derived.inUse?.outcome.exposure || derived.through !== null,
  };
  return (
    <section
      ref={box}
      aria-label="Slip"
      aria-live="polite"
      aria-busy={search === 'working'}
      data-state={slip.state}
      data-stale={derived.stale && derived.balance !== null}
      className="grid shrink-0 grid-cols-[auto_minmax(0,1fr)] items-baseline gap-x-4 border-t-2 desk:items-center border-ink py-1.5 compact:max-h-[45dvh] compact:overflow-y-auto compact:border-t-0 compact:border-b compact:px-3.5 desk:gap-x-6 typing:hidden"
    >
      {slip.lead && <p className="col-span-2 py-1 text-[17px] font-semibold">{slip.lead}</p>}
      {slip.rows.map((row) => (
        <div key={row.label} className="contents">
          <div className={LABEL}>
            {row.label === 'Seat' ? (
              <Term of="seat" className="uppercase">
                {row.label}
              </Term>
            ) : (
              row.label
            )}
          </div>
          <div className="flex min-w-0 items-center gap-2">
            <div
              data-stale={doubtful.has(WORKING_OF[row.label])}
              className={`min-w-0 flex-1 ${row.label === 'Expose' ? '' : 'desk:pr-[52px]'}`}
            >
              {has[row.label] ? (
                <PressedRow row={row} change={changes?.[row.label]} />
              ) : (
                <RowText row={row} change={changes?.[row.label]} />
              )}
            </div>
            {row.label === 'Expose' && <SetExposure isOpen={sets} onOpen={setSets} />}
          </div>
        </div>
      ))}
      {sets && <ExposureSettings />}
      {slip.state === 'ready' && <UsualLookQuestion />}
    </section>
  );
}

/** What each row asks for otherwise than in the last shot, while that is being judged. */
function useChanges(): ChangesText | null {
  const isChecking = useSession((s) => s.step === 'check');
  const take = useStand((s) => lastTake(s));
  const solved = useSolved();
  return useMemo(
    () =>
      isChecking && take
        ? changesText(differencesFrom(take, solved), solved.derived.inUse?.seat?.turnDeg ?? 0)
        : null,
    [isChecking, take, solved],
  );
}

/** The slip's answers alone, with nothing to press: while the shutter is open. */
export function SlipAtGlance() {
  const { rows } = useSlip();
  return (
    <dl
      aria-label="Slip"
      className="grid shrink-0 grid-cols-[auto_minmax(0,1fr)] items-baseline gap-x-4 gap-y-1 border-b border-ink px-4 py-3 desk:gap-x-6 desk:px-8"
    >
      {rows.map(({ label, main }) => (
        <div key={label} className="contents">
          <dt className={LABEL}>{label}</dt>
          <dd className="text-[17px] font-semibold desk:text-[20px]">{main}</dd>
        </div>
      ))}
    </dl>
  );
}

/** Opens what aperture and ISO are changed with. */
function SetExposure({ isOpen, onOpen }: { isOpen: boolean; onOpen: (open: boolean) => void }) {
  return (
    <button
      type="button"
      aria-expanded={isOpen}
      aria-label="Change aperture and ISO"
      title="Change aperture and ISO"
      className="flex size-11 shrink-0 items-center justify-center rounded-md border border-edge bg-panel hover:bg-chosen aria-expanded:bg-chosen"
      onClick={() => onOpen(!isOpen)}
    >
      <SlidersHorizontal size={18} aria-hidden />
    </button>
  );
}

interface RowProps {
  row: SlipRow;
  /** What is otherwise than in the last shot; null: nothing; absent: there is none to compare with. */
  change?: string | null | undefined;
}

/** A row whose working is shown when it is pressed: all of it is the button, for cold fingers. */
function PressedRow({ row, change }: RowProps) {
  const isThrough = useDerived((d) => row.label === 'Expose' && d.through !== null);
  const button = useWorkingButton(isThrough ? 'through' : WORKING_OF[row.label]);
  return (
    <button {...button} className="block min-h-11 w-full min-w-0 text-left compact:min-h-14">
      <RowText row={row} change={change} line={FIGURE_LINE} />
    </button>
  );
}

/**
 * What to do, and beside it, or on a phone below it, what else matters: whole, and never cut. At a desk the two stand in
 * columns with room for three lines, so that the frame above keeps its place while figures change.
 */
function RowText({ row: { main, aside }, change, line = '' }: RowProps & { line?: string }) {
  return (
    <span
      data-changed={!!change}
      className="block min-h-11 py-1.5 data-[changed=true]:-ml-2.5 data-[changed=true]:border-l-4 data-[changed=true]:border-action data-[changed=true]:bg-chosen data-[changed=true]:pl-1.5 compact:min-h-14 desk:grid desk:min-h-[52px] desk:grid-cols-[minmax(0,5fr)_minmax(0,4fr)] desk:items-center desk:gap-x-4 desk:py-0.5"
    >
      <span>
        <span className={`${MAIN} ${line}`}>{main}</span>
      </span>
      {(aside || change !== undefined) && (
        <span className="text-sm text-quiet compact:block desk:leading-[17px]">
          {change && <span className="font-semibold text-ink">{change}; </span>}
          {change === null && 'as before; '}
          {aside}
        </span>
      )}
    </span>
  );
}
