import { type ComponentType, lazy, Suspense } from 'react';
import { exposureSeconds, frameOf, oldestReadingMinutes, RECORD_AFTER_MINUTES, type Stand } from '@/model';
import { cropText, ageText, glassName, seatShortText, spanText, stopsFigure, timeText } from '@/words';
import { BalanceStep } from './balance/balance-step';
import { ShotButton } from './check/shot-button';
import { ReadStep } from './read/read-step';
import { SeatStep } from './seat/seat-step';
import { LaterNotice } from './later-notice';
import {
  atEase,
  type Step,
  STEP_TITLES,
  STEPS,
  useAnswer,
  useDerived,
  useMinute,
  useSession,
  useStand,
} from './session';
import { WorkingPanel } from './working-panel';

/** The first step and the last ones are the longest and seldom the first that is opened: they are loaded when they are. */
const ExposeStep = lazy(() => import('./expose/expose-step').then((m) => ({ default: m.ExposeStep })));
const CheckStep = lazy(() => import('./check/check-step').then((m) => ({ default: m.CheckStep })));
const FrameStep = lazy(() => import('./frame/frame-step').then((m) => ({ default: m.FrameStep })));

const SHEETS: Record<Step, ComponentType> = {
  frame: FrameStep,
  read: ReadStep,
  balance: BalanceStep,
  seat: SeatStep,
  expose: ExposeStep,
  check: CheckStep,
};

/** What a closed step has come to, in one line. */
const RESULTS: Record<Step, ComponentType> = {
  frame: atEase(FrameResult),
  read: atEase(ReadResult),
  balance: atEase(BalanceResult),
  seat: atEase(SeatResult),
  expose: atEase(ExposeResult),
  check: atEase(CheckResult),
};

/** The worksheet: the steps in working order, a closed one as a line with its result, the open one unfolded. */
export function Worksheet() {
  const step = useSession((s) => s.step);
  const setStep = useSession((s) => s.setStep);
  const Sheet = SHEETS[step];
  return (
    <section
      aria-label="Worksheet"
      className="flex min-h-0 flex-col border-rule bg-panel compact:flex-1 desk:border-l"
    >
      {STEPS.map((s, i) => {
        const open = s === step;
        const Result = RESULTS[s];
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
                {!open && (
                  <span className="min-w-0 truncate text-quiet">
                    <Result />
                  </span>
                )}
              </button>
            </h2>
            {open && (
              <div
                id="open-step"
                className="relative min-h-0 flex-1 overflow-y-auto px-5 pb-5 compact:px-3.5 desk:pl-4"
              >
                <LaterNotice />
                <Suspense fallback={<p className="appear-late text-quiet">Opening…</p>}>
                  <Sheet />
                </Suspense>
              </div>
            )}
          </div>
        );
      })}
      <ShotButton className="m-3 min-h-14 shrink-0 compact:hidden" />
      <WorkingPanel />
      <PhoneSteps />
    </section>
  );
}

/** The steps at the foot of a phone's screen, in the thumb's reach. */
function PhoneSteps() {
  const step = useSession((s) => s.step);
  const setStep = useSession((s) => s.setStep);
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
          className="min-h-14 min-w-0 flex-1 border-t-4 border-transparent text-[13px] text-quiet tablet:text-sm aria-[current=step]:border-action aria-[current=step]:font-semibold aria-[current=step]:text-ink"
        >
          {STEP_TITLES[s]}
        </button>
      ))}
      <ShotButton className="m-1 w-[74px] shrink-0 px-1 text-[15px] leading-[18px]" />
    </nav>
  );
}

function CheckResult() {
  const count = useStand((s) => s.takes?.length ?? 0);
  return count ? `${count} ${count === 1 ? 'shot' : 'shots'}` : 'not yet';
}

function FrameResult() {
  return useStand(frameText);
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

function ReadResult() {
  const count = useStand((s) => s.readings.length);
  const sceneEv = useDerived((d) => d.through?.ev100);
  const span = useDerived((d) => d.spanStops);
  const stand = useStand();
  const age = useMinute((now) => {
    const minutes = oldestReadingMinutes(stand, now);
    return minutes !== null && minutes < RECORD_AFTER_MINUTES ? `, ${ageText(minutes)} old` : '';
  });
  if (sceneEv !== undefined) return `whole scene, EV ${stopsFigure(sceneEv)}`;
  if (!count) return 'no reading yet';
  const readings = `${count} ${count === 1 ? 'reading' : 'readings'}${age}`;
  return span === null ? readings : `${spanText(span)}, ${readings}`;
}

function BalanceResult() {
  const { bracket, inUse, chosen, plan, fault } = useDerived();
  const search = useAnswer((a) => a.search);
  if (bracket?.ok) return `bracket of ${bracket.frames.length}`;
  if (inUse && (chosen || plan)) return glassName(inUse.filters);
  return search === 'working' ? 'being worked out' : fault ? 'no plan' : 'not yet';
}

function SeatResult() {
  return useDerived(({ inUse, chosen, plan }) =>
    inUse && (chosen || plan) ? seatShortText(inUse) : 'not yet',
  );
}

function ExposeResult() {
  const stand = useStand();
  const seconds = useDerived((d) => exposureSeconds(stand, d));
  return seconds === null ? 'no time yet' : timeText(seconds);
}
