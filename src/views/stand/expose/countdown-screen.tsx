import { useEffect, useRef } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import {
  darkFrameAfter,
  exposuresOf,
  type Phase,
  phaseOf,
  type Running,
  withExposures,
} from '@/model/expose';
import { beep } from '@/ui/beep';
import { KEYS } from '@/ui/keys';
import { speak, useOwnVoice } from '@/ui/voice';
import { useWakeLock, type WakeLock } from '@/ui/wake-lock';
import {
  clockSecondsText,
  countText,
  DARK_FRAME_TEXT,
  ifClosedText,
  leapText,
  leapTurnText,
  phaseText,
  spokenText,
  EXPOSE_TEXT,
} from '@/words';
import { usePreferences } from '../../shared/workspace-context';
import { useCountdown, useOpenStand } from '../session';

/** Often enough for a second to be seen in time. */
const LOOK_EVERY_MS = 200;

/** The exposure that is being made: what is left, in figures for two metres off, and one button. */
export function CountdownScreen() {
  const { countdown } = useOpenStand();
  const running = useCountdown((s) => s.running);
  useEffect(() => {
    const look = () => countdown.look();
    const timer = setInterval(look, LOOK_EVERY_MS);
    document.addEventListener('visibilitychange', look);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
    };
  }, [countdown]);
  return running && <Count running={running} />;
}

function Count({ running }: { running: Running }) {
  const { countdown } = useOpenStand();
  const close = useClose();
  const phase = phaseOf(running);
  const { isDarkFrame } = running.plan;
  const isOver = phase.leftSeconds <= 0;
  const wakeLock = useWakeLock(true);
  useSignals(phase);
  useEffect(() => {
    if (isDarkFrame && isOver) countdown.close();
  }, [isDarkFrame, isOver, countdown]);
  useHotkeys(
    'space',
    (e) => {
      e.preventDefault();
      close();
    },
    KEYS,
  );
  const { frames } = running.plan;
  return (
    <section aria-labelledby="exposure" className="flex min-h-0 flex-1 flex-col gap-3 px-4 py-4 desk:px-8">
      <h1 id="exposure" className="sr-only">
        Exposure
      </h1>
      <p className="text-lg text-quiet">{isDarkFrame ? DARK_FRAME_TEXT : phaseText(phase, frames)}</p>
      <p
        role="timer"
        aria-label="Time left"
        className="font-mono text-[clamp(5.5rem,25vw,15rem)] leading-none font-bold tracking-tight tabular-nums"
      >
        {countText(phase)}
      </p>
      {!isDarkFrame && <Line running={running} phase={phase} />}
      {running.leap && (
        <p className="flex flex-wrap items-center gap-3">
          {leapText(running.leap)}
          <button
            type="button"
            className="min-h-11 font-semibold text-action underline underline-offset-4"
            onClick={countdown.turnLeap}
          >
            {leapTurnText(running.leap)}
          </button>
        </p>
      )}
      <p className="text-quiet">{WAKE_LOCK[wakeLock]}</p>
      <Cautions />
      <button
        type="button"
        className="mt-auto min-h-24 rounded-md border border-action bg-action text-3xl font-semibold text-on-action hover:brightness-110"
        onClick={close}
      >
        {isDarkFrame ? 'Do not wait' : phase.kind === 'open' ? 'Closed' : 'Stop'}
      </button>
    </section>
  );
}

const WAKE_LOCK: Record<WakeLock, string> = {
  asking: '',
  on: 'The screen stays on.',
  refused: EXPOSE_TEXT.deviceWouldNotKeep,
  none: EXPOSE_TEXT.browserCannotKeepScreen,
};

/** Ends what is counted: what an exposure has come to goes into the stand, and the camera's dark frame is waited for. */
function useClose(): () => void {
  const { kept, countdown } = useOpenStand();
  return () => {
    const ended = countdown.close();
    if (!ended || ended.plan.isDarkFrame) return;
    const made = exposuresOf(ended);
    if (!made.length) return;
    kept.record((document) => ({ ...document, stand: withExposures(document.stand, made) }));
    const dark = darkFrameAfter(ended, made);
    if (dark) countdown.open(dark);
  };
}

/** Where the exposure stands between opening and its end, with what closing would cost on the way: a line, drawn to scale. */
function Line({ running, phase }: { running: Running; phase: Phase }) {
  if (phase.kind !== 'open') return null;
  const long = running.plan.frames[phase.frame] as number;
  const part = Math.min(1, phase.openSeconds / long);
  const opensMs = running.seenMs - phase.openSeconds * 1000;
  return (
    <div className="space-y-1">
      <div aria-hidden className="relative h-5 text-sm text-quiet">
        {SHORT_MARKS.map(({ stops, text }) => (
          <span
            key={stops}
            className="absolute -translate-x-1/2 whitespace-nowrap"
            style={{ left: `${100 * 2 ** -stops}%` }}
          >
            {text}
          </span>
        ))}
        <span className="absolute right-0">full</span>
      </div>
      <div aria-hidden className="relative h-5 border-y border-ink bg-panel">
        <div className="h-full bg-action" style={{ width: `${100 * part}%` }} />
        {SHORT_MARKS.map(({ stops }) => (
          <span
            key={stops}
            className="absolute inset-y-0 w-px bg-ink"
            style={{ left: `${100 * 2 ** -stops}%` }}
          />
        ))}
      </div>
      <div className="flex flex-wrap justify-between gap-x-3">
        <span className="font-mono">{clockSecondsText(opensMs)}</span>
        <span className="text-lg font-semibold compact:order-last compact:basis-full">
          {ifClosedText(phase)}
        </span>
        <span className="font-mono">{clockSecondsText(opensMs + long * 1000)}</span>
      </div>
    </div>
  );
}

const SHORT_MARKS = [
  { stops: 2, text: '−2 stops' },
  { stops: 1, text: '−1' },
  { stops: 1 / 2, text: '−½' },
] as const;

/** Sounds, taps of the device, and words, each at its second and once. */
function useSignals(phase: Phase) {
  const volume = usePreferences((p) => p.volume);
  const vibrates = usePreferences((p) => p.vibrates);
  const speaks = usePreferences((p) => p.speaksMinutes);
  const voice = useOwnVoice();
  const second = Math.ceil(phase.leftSeconds);
  const last = useRef<string | null>(null);
  const at = `${phase.kind} ${second}`;
  useEffect(() => {
    if (last.current === at) return;
    const isFirst = last.current === null;
    last.current = at;
    if (isFirst) return;
    if (second === 0) {
      beep(volume, 880, 0.6);
      if (vibrates) navigator.vibrate?.([300, 100, 300]);
    } else if (second > 0 && second <= 3) {
      beep(volume, 440, 0.12);
      if (vibrates) navigator.vibrate?.(80);
    }
    const words = speaks && phase.kind === 'open' ? spokenText(second) : null;
    if (words && voice) speak(words, voice);
  }, [at, second, phase.kind, volume, vibrates, speaks, voice]);
}

/** While one waits beside a tripod by the water, in the dark. */
function Cautions() {
  return (
    <p role="note" className="border-l-2 border-fault pl-2.5 text-sm">
      {EXPOSE_TEXT.lookUpNowTide}
    </p>
  );
}
