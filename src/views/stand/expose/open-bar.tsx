import { useCallback, useEffect, useMemo, useRef } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { CAMERA_TIMERS, type OpenPlan } from '@/model/expose';
import { exposureSeconds } from '@/model';
import { prefer } from '@/store';
import { wakeSound } from '@/ui/beep';
import { useCommands } from '@/ui/commands';
import { KEYS } from '@/ui/keys';
import { closedText, timeText, TOO_LONG_SECONDS, EXPOSE_TEXT } from '@/words';
import { usePreferences } from '../../shared/workspace-context';
import { useDerived, useMinute, useOpenStand, useStand } from '../session';

/** No timer, and the camera's own. */
const TIMERS = [0, ...CAMERA_TIMERS];
/** Between the frames of a bracket: to set the next time. */
const PAUSE_SECONDS = 5;
/** A time that is over sooner needs no counting, s. */
const LEAST_SECONDS = 1;

/** What is opened when the button is pressed; null where there is nothing to count. */
function useOpenPlan(): OpenPlan | null {
  const stand = useStand();
  const derived = useDerived();
  const delaySeconds = usePreferences((p) => p.timerSeconds);
  const seconds = exposureSeconds(stand, derived);
  const { bracket } = derived;
  const frames = bracket?.ok ? bracket.frames.map((f) => f.seconds) : seconds === null ? [] : [seconds];
  if (!frames.length) return null;
  return { frames, delaySeconds, pauseSeconds: PAUSE_SECONDS, hasDarkFrame: stand.camera.darkFrame === true };
}

/** One large button that opens the shutter's countdown, and the delay that the camera's own timer has. */
export function OpenBar() {
  const plan = useOpenPlan();
  const whole = plan?.frames.reduce((a, b) => a + b, 0) ?? 0;
  if (!plan || whole > TOO_LONG_SECONDS) return null;
  if (whole < LEAST_SECONDS) return <p className="text-sm text-quiet">{EXPOSE_TEXT.shortTimeCameraCounts}</p>;
  return (
    <div className="sticky -bottom-5 -mx-5 mt-auto -mb-5 grid grid-cols-[minmax(0,1fr)_auto] gap-2 border-t border-rule bg-panel px-5 py-2 compact:-mx-3.5 compact:px-3.5">
      <JustMade />
      <OpenButton plan={plan} />
      <TimerButton />
    </div>
  );
}

/** An exposure is spoken of for so long after it was made, minutes. */
const SPOKEN_OF_MINUTES = 10;

/** What the exposure that was made just now has come to. */
function JustMade() {
  const last = useStand((s) => s.exposures?.at(-1));
  const sinceMs = useMinute((now) => now - Date.parse(last?.openedAt ?? ''));
  if (!last || !(sinceMs < SPOKEN_OF_MINUTES * 60_000)) return null;
  return (
    <p role="status" className="col-span-2">
      {closedText(last)}
    </p>
  );
}

/** Opens the countdown, by the space bar too. */
function OpenButton({ plan }: { plan: OpenPlan }) {
  const { countdown } = useOpenStand();
  const button = useRef<HTMLButtonElement>(null);
  const open = () => {
    wakeSound();
    countdown.open(plan);
  };
  useHotkeys(
    'space',
    (e) => {
      // on whatever else has the focus the space bar is its own
      const at = document.activeElement;
      if (at && at !== document.body && at !== button.current) return;
      e.preventDefault();
      open();
    },
    KEYS,
  );
  const press = useCallback(() => button.current?.click(), []);
  useCommands(
    'Exposing',
    useMemo(() => [{ name: 'Open the shutter', also: 'countdown bulb expose', run: press }], [press]),
  );
  useEffect(() => {
    if (matchMedia('(pointer: fine)').matches) button.current?.focus({ preventScroll: true });
  }, []);
  const [first = 0, ...rest] = plan.frames;
  return (
    <button
      ref={button}
      type="button"
      className="min-h-16 rounded-md border border-action bg-action px-4 text-xl font-semibold text-on-action hover:brightness-110"
      onClick={open}
    >
      {rest.length
        ? `Open: ${plan.frames.length} frames, the first for ${timeText(first)}`
        : `Open for ${timeText(first)}`}
    </button>
  );
}

/** Goes through the camera's own timers. */
function TimerButton() {
  const timer = usePreferences((p) => p.timerSeconds);
  const next = TIMERS[(TIMERS.findIndex((t) => t === timer) + 1) % TIMERS.length] as number;
  return (
    <button
      type="button"
      aria-label={`The camera’s timer: ${timer ? `${timer} s` : 'none'}. Change it`}
      className="min-h-16 rounded-md border border-edge bg-panel px-4 hover:bg-chosen"
      onClick={() => prefer({ timerSeconds: next })}
    >
      {timer ? `after ${timer} s` : 'at once'}
    </button>
  );
}
