import { type ComponentType, lazy, Suspense } from 'react';
import { frameOf, oldestReadingMinutes, RECORD_AFTER_MINUTES, type Stand } from '@/model';
import { cropText, ageText, glassName, seatShortText, stopsFigure, stopsText } from '@/words';
import { BalanceStep } from './balance/balance-step';
import { ReadStep } from './read/read-step';
import { SeatStep } from './seat/seat-step';
import { type StandAccess, type Step, STEP_TITLES, STEPS, useStand } from './stand-context';
import { useNow } from './use-now';
import { WorkingPanel } from './working-panel';

/** The first step is the longest and seldom the first that is opened: it is loaded when it is. */
const FrameStep = lazy(() => import('./frame/frame-step').then((m) => ({ default: m.FrameStep })));

const SHEETS: Record<Step, ComponentType> = {
  frame: FrameStep,
  read: ReadStep,
  balance: BalanceStep,
  seat: SeatStep,
};

/** The worksheet: the steps in working order, a closed one as a line with its result, the open one unfolded. */
export function Worksheet() {
  const access = useStand();
  const now = useNow();
  const { step, setStep } = access;
  const Sheet = SHEETS[step];
  return (
    <section
      aria-label="Worksheet"
      className="flex min-h-0 flex-col border-rule bg-panel compact:flex-1 desk:border-l"
    >
      {STEPS.map((s, i) => {
        const open = s === step;
        return (
          <div
            key={s}
            className={`flex min-h-0 flex-col border-b border-rule ${open ? 'flex-1 desk:border-l-4 desk:border-l-action' : 'shrink-0 compact:hidden'}`}
          >
            <h2 className="compact:sr-only">
              <button
                type="button"
                aria-expanded={open}
                aria-controls={open ? 'open-step' : undefined}
                onClick={() => setStep(s)}
                className={`flex min-h-11 w-full items-baseline gap-3 px-5 py-2.5 text-left hover:bg-chosen ${open ? 'desk:pl-4' : ''}`}
              >
                <span className="font-mono text-sm text-quiet">{i + 1}</span>
                <span className={open ? 'text-xl font-semibold' : 'w-20 font-semibold'}>
                  {STEP_TITLES[s]}
                </span>
                {!open && <span className="min-w-0 truncate text-quiet">{resultOf(s, access, now)}</span>}
              </button>
            </h2>
            {open && (
              <div
                id="open-step"
                className="min-h-0 flex-1 overflow-y-auto px-5 pb-5 compact:px-3.5 desk:pl-4"
              >
                <Suspense fallback={<p className="appear-late text-quiet">Opening…</p>}>
                  <Sheet />
                </Suspense>
              </div>
            )}
          </div>
        );
      })}
      <WorkingPanel />
      <PhoneSteps />
    </section>
  );
}

/** The steps at the foot of a phone's screen, in the thumb's reach. */
function PhoneSteps() {
  const { step, setStep } = useStand();
  return (
    <nav
      aria-label="Steps"
      className="mt-auto flex shrink-0 border-t border-rule bg-ground pb-[env(safe-area-inset-bottom)] desk:hidden typing:hidden"
    >
      {STEPS.map((s) => (
        <button
          key={s}
          type="button"
          aria-current={s === step ? 'step' : undefined}
          onClick={() => setStep(s)}
          className="min-h-14 flex-1 border-t-4 border-transparent text-sm text-quiet aria-[current=step]:border-action aria-[current=step]:font-semibold aria-[current=step]:text-ink"
        >
          {STEP_TITLES[s]}
        </button>
      ))}
    </nav>
  );
}

/** A closed step in one line. */
function resultOf(step: Step, { stand, derived, search }: StandAccess, now: number): string {
  switch (step) {
    case 'frame':
      return frameText(stand);
    case 'read': {
      const { length } = stand.readings;
      if (derived.wholeScene) return `whole scene, EV ${stopsFigure(derived.wholeScene.ev100)}`;
      if (!length) return 'no reading yet';
      const minutes = oldestReadingMinutes(stand, now);
      const age = minutes !== null && minutes < RECORD_AFTER_MINUTES ? `, ${ageText(minutes)} old` : '';
      const span = derived.spanStops;
      const readings = `${length} ${length === 1 ? 'reading' : 'readings'}${age}`;
      return span === null ? readings : `span ${stopsText(span)}, ${readings}`;
    }
    case 'balance':
      if (derived.bracket?.ok) return `bracket of ${derived.bracket.frames.length}`;
      if (derived.inUse && (derived.chosen || derived.plan)) return glassName(derived.inUse.filters);
      return search === 'working' ? 'being worked out' : derived.fault ? 'no plan' : 'not yet';
    case 'seat':
      return derived.inUse && (derived.chosen || derived.plan) ? seatShortText(derived.inUse) : 'not yet';
  }
}

function frameText(stand: Stand): string {
  const { widthMm, heightMm } = frameOf(stand.camera);
  const shape = widthMm === heightMm ? 'square' : widthMm > heightMm ? 'landscape' : 'portrait';
  const features = (stand.shapes ?? []).filter((s) => s.region === 'feature').length;
  return [
    `${stand.lens.focalLengthMm} mm`,
    stand.crop ? cropText(stand.crop) : shape,
    features && `${features} marked`,
  ]
    .filter(Boolean)
    .join(', ');
}
