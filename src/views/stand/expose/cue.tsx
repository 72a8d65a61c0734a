import { useEffect, useState } from 'react';
import { beatOf, untilCue, waveLook } from '@/model/expose';
import { exposureSeconds, isWithin, withStand } from '@/model';
import { beep, wakeSound } from '@/ui/beep';
import { Button } from '@/ui/button';
import { remoteText, stopsFigure, EXPOSE_TEXT } from '@/words';
import { usePreferences } from '../../shared/workspace-context';
import { useDerived, useOpenStand, useStand } from '../session';

const LOOKS = {
  lines: EXPOSE_TEXT.underHalfWaveSingle,
  between: 'between lines and milk',
  milk: 'over six waves: milk',
} as const;

/** Keeps with the stand how often a wave comes, once three have been tapped along with: it goes with the blur that is liked. */
function useKeepWave(): (taps: readonly number[]) => void {
  const { kept, ownBag } = useOpenStand();
  return (taps) => {
    const beat = taps.length < 3 ? null : beatOf(taps);
    const waveSeconds = beat && Math.round(beat.periodMs / 100) / 10;
    if (!waveSeconds || !isWithin('wantedSeconds', waveSeconds)) return;
    kept.record((document) => withStand(document, { ...document.stand, waveSeconds }, ownBag()));
  };
}

/** The taps, the beat that they make, and the whole seconds to the next wave, each of the last three heard. */
function useBeat() {
  const volume = usePreferences((p) => p.volume);
  const [taps, setTaps] = useState<readonly number[]>([]);
  const [nowMs, setNowMs] = useState(() => performance.now());
  const keep = useKeepWave();
  const beat = beatOf(taps);
  useEffect(() => {
    if (!taps.length) return;
    const timer = setInterval(() => setNowMs(performance.now()), 100);
    return () => clearInterval(timer);
  }, [taps.length]);
  const left = beat ? untilCue(beat, 0, nowMs) : null;
  const whole = left === null ? null : Math.ceil(left / 1000);
  useEffect(() => {
    if (whole !== null && whole <= 3) beep(volume, whole === 1 ? 880 : 440, 0.12);
  }, [whole, volume]);
  const tap = (atMs: number) => {
    wakeSound();
    setNowMs(atMs);
    const next = [...taps.slice(-7), atMs];
    setTaps(next);
    keep(next);
  };
  return { beat, whole, hasTaps: taps.length > 0, tap, beginAnew: () => setTaps([]) };
}

/** A count to the moment in the waves' beat, tapped along with a few times. */
export function Cue() {
  const stand = useStand();
  const derived = useDerived();
  const { beat, whole, hasTaps, tap, beginAnew } = useBeat();
  const seconds = exposureSeconds(stand, derived);
  return (
    <div className="space-y-2 pb-3">
      <p className="text-sm text-quiet">{EXPOSE_TEXT.tapEachTimeWave}</p>
      <div className="grid grid-cols-2 items-center gap-3">
        <Button className="min-h-16" onClick={(e) => tap(e.timeStamp)}>
          A wave, now
        </Button>
        <p
          role="timer"
          aria-label="To the next wave"
          className="text-center font-mono text-4xl font-semibold"
        >
          {whole === null ? '–' : remoteText(whole)}
        </p>
      </div>
      {!beat && stand.waveSeconds && (
        <p className="text-sm text-quiet">{EXPOSE_TEXT.lastTimeWaveCame(stopsFigure(stand.waveSeconds))}</p>
      )}
      {beat && (
        <p className="text-sm">
          A wave every {stopsFigure(beat.periodMs / 1000)} s
          {seconds !== null &&
            `; the exposure is ${stopsFigure(seconds / (beat.periodMs / 1000))} of them: ${LOOKS[waveLook(seconds, beat.periodMs / 1000)]}`}
          .
        </p>
      )}
      {hasTaps && (
        <Button kind="quiet" onClick={beginAnew}>
          Begin anew
        </Button>
      )}
      <p role="note" className="border-l-2 border-fault pl-2.5 text-sm">
        {EXPOSE_TEXT.watchSeaNotScreen}
      </p>
    </div>
  );
}
