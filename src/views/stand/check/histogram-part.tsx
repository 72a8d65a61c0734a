import { Slider } from 'radix-ui';
import { useState } from 'react';
import {
  type HistogramEnds,
  type PlannedHistogram,
  plannedHistogram,
  seenAs,
  shiftByHistogram,
  type Take,
} from '@/model';
import { Button } from '@/ui/button';
import { Fold } from '@/ui/fold';
import { histogramText, CHECK_TEXT } from '@/words';
import { useOpenStand, useSolved, useStand } from '../session';
import { HEIGHT, HumpPaths } from '../parts/humps';
import { takeBack, tellOf } from './tell';

/** How the camera's histogram ought to look, and two taps for how it does. */
export function HistogramPart({ take }: { take: Take }) {
  const open = useOpenStand();
  const solved = useSolved();
  const told = useStand((s) => seenAs(s, take, 'histogram'));
  if (told)
    return (
      <p className="flex items-center gap-2 border-l-4 border-action bg-chosen p-2.5">
        <span className="flex-1">
          By the histogram: {histogramText({ sky: told.measured?.sky ?? 0, land: told.measured?.land ?? 0 })}
        </span>
        <Button kind="quiet" onClick={() => takeBack(open, told.id)}>
          Take back
        </Button>
      </p>
    );
  return (
    <Fold summary="By the histogram">
      <Reading
        key={take.id}
        planned={plannedHistogram(take, solved)}
        onShift={(measured) => tellOf(open, { what: 'histogram', measured })}
      />
    </Fold>
  );
}

interface ReadingProps {
  readonly planned: PlannedHistogram | null;
  readonly onShift: (shift: { sky: number; land: number }) => void;
}

/** Where an end was put; an end that nobody has touched stands as it was planned. */
type Told = Partial<HistogramEnds>;

function Reading({ planned, onShift }: ReadingProps) {
  const [told, setTold] = useState<Told>({});
  if (!planned) return <p className="pb-3 text-quiet">{CHECK_TEXT.canDrawnOnceLand}</p>;
  const isTold = told.left !== undefined || told.right !== undefined;
  const shift = isTold
    ? shiftByHistogram({ left: planned.left, right: planned.right, ...told }, planned)
    : null;
  const runsOff = (end: keyof HistogramEnds) => (
    <Edge
      name={`The ${end} end runs off`}
      isOn={told[end] === 'off'}
      onPress={() => setTold({ ...told, [end]: told[end] === 'off' ? undefined : 'off' })}
    />
  );
  return (
    <div className="space-y-2 pb-3">
      <p className="text-sm text-quiet">{shift ? histogramText(shift) : CHECK_TEXT.howOughtLookPut}</p>
      <div className="grid grid-cols-[auto_minmax(0,1fr)_auto] items-stretch gap-1">
        {runsOff('left')}
        <Outline planned={planned} told={told} onTold={(change) => setTold({ ...told, ...change })} />
        {runsOff('right')}
      </div>
      {shift && (
        <div className="flex gap-2">
          <Button kind="action" onClick={() => onShift(shift)}>
            Take it so
          </Button>
          <Button kind="quiet" onClick={() => setTold({})}>
            Anew
          </Button>
        </div>
      )}
      <p className="flex gap-4 text-sm text-quiet">
        <Key colour="sky">sky</Key>
        <Key colour="land">all below it</Key>
      </p>
      <p className="text-sm text-quiet">{CHECK_TEXT.goodHalfStopJpeg}</p>
    </div>
  );
}

function Key({ colour, children }: { colour: 'sky' | 'land'; children: string }) {
  return (
    <span className="flex items-center gap-1.5">
      <span aria-hidden className="size-3 opacity-60" style={{ background: `var(--${colour})` }} />
      {children}
    </span>
  );
}

interface EdgeProps {
  readonly name: string;
  readonly isOn: boolean;
  readonly onPress: () => void;
}

/** The end runs off the edge. */
function Edge({ name, isOn, onPress }: EdgeProps) {
  return (
    <button
      type="button"
      aria-label={name}
      aria-pressed={isOn}
      className="w-12 rounded-md border border-edge bg-panel text-sm aria-pressed:bg-ink aria-pressed:text-panel"
      onClick={onPress}
    >
      runs off
    </button>
  );
}

interface OutlineProps {
  readonly planned: PlannedHistogram;
  readonly told: Told;
  readonly onTold: (change: Told) => void;
}

/** The two humps as they ought to stand, on the width of the camera's own, with its two ends to be dragged, tapped or stepped. */
function Outline({ planned, told, onTold }: OutlineProps) {
  const percent = (end: keyof HistogramEnds) => {
    const at = told[end] ?? planned[end];
    return at === 'off' ? (end === 'left' ? 0 : 100) : Math.round(100 * at);
  };
  const [left, right] = [percent('left'), percent('right')];
  const put = ([nextLeft = left, nextRight = right]: number[]) =>
    onTold({
      ...(nextLeft === left ? {} : { left: nextLeft / 100 }),
      ...(nextRight === right ? {} : { right: nextRight / 100 }),
    });
  return (
    <Slider.Root
      className="relative h-24 touch-none border border-edge bg-ground select-none"
      value={[left, right]}
      step={1}
      onValueChange={put}
    >
      <Slider.Track className="absolute inset-0">
        <svg viewBox={`0 0 100 ${HEIGHT}`} preserveAspectRatio="none" aria-hidden className="size-full">
          <HumpPaths planned={planned} />
        </svg>
      </Slider.Track>
      <End name={CHECK_TEXT.leftEndCamerasHistogram} isTold={told.left !== undefined} />
      <End name={CHECK_TEXT.rightEndCamerasHistogram} isTold={told.right !== undefined} />
    </Slider.Root>
  );
}

/** An end of the histogram: a line with a grip as wide as a thumb. */
function End({ name, isTold }: { name: string; isTold: boolean }) {
  return (
    <Slider.Thumb
      aria-label={name}
      className="relative block h-24 w-0.5 focus-visible:outline-2 focus-visible:outline-offset-4 focus-visible:outline-action"
    >
      <span className="absolute inset-y-0 -inset-x-5" />
      <span className={`block h-full border-l-2 border-ink ${isTold ? '' : 'border-dashed'}`} />
    </Slider.Thumb>
  );
}
