import { useState } from 'react';
import {
  type HistogramEnds,
  type PlannedHistogram,
  plannedHistogram,
  seenOf,
  shiftByHistogram,
  type Take,
} from '@/model';
import { Button } from '@/ui/button';
import { Fold } from '@/ui/fold';
import { histogramText } from '@/words';
import { useOpenStand, useSolved, useStand } from '../session';
import { HEIGHT, HumpPaths } from './humps';
import { takeBack, tellOf } from './tell';

/** How the camera's histogram ought to look, and two taps for how it does. */
export function HistogramPart({ take }: { take: Take }) {
  const open = useOpenStand();
  const solved = useSolved();
  const told = useStand((s) => seenOf(s, take).find((w) => w.what === 'histogram'));
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

function Reading({ planned, onShift }: ReadingProps) {
  const [right, setRight] = useState<HistogramEnds['right'] | null>(null);
  const [left, setLeft] = useState<HistogramEnds['left'] | null>(null);
  if (!planned) return <p className="pb-3 text-quiet">It can be drawn once land and sky are read.</p>;
  const isLeft = right !== null;
  const set = (at: number | 'off') => (isLeft ? setLeft(at) : setRight(at));
  const shift = right !== null && left !== null ? shiftByHistogram({ left, right }, planned) : null;
  return (
    <div className="space-y-2 pb-3">
      <p className="text-sm text-quiet">
        {shift
          ? histogramText(shift)
          : isLeft
            ? 'And where does its left end stand?'
            : 'This is how it ought to look: tap where the camera’s right end stands.'}
      </p>
      <div className="grid grid-cols-[auto_minmax(0,1fr)_auto] items-stretch gap-1">
        <Edge isOn={left === 'off'} isDisabled={!isLeft} onPress={() => setLeft('off')}>
          runs off
        </Edge>
        <Outline planned={planned} left={left} right={right} onPlace={set} />
        <Edge isOn={right === 'off'} isDisabled={isLeft} onPress={() => setRight('off')}>
          runs off
        </Edge>
      </div>
      <div className="flex gap-2">
        {shift && (
          <Button kind="action" onClick={() => onShift(shift)}>
            Take it so
          </Button>
        )}
        {isLeft && (
          <Button
            kind="quiet"
            onClick={() => {
              setRight(null);
              setLeft(null);
            }}
          >
            Anew
          </Button>
        )}
      </div>
      <p className="flex gap-4 text-sm text-quiet">
        <Key colour="sky">sky</Key>
        <Key colour="land">all below it</Key>
      </p>
      <p className="text-sm text-quiet">
        Good to half a stop, and of the JPEG that the camera shows: the raw file holds more.
      </p>
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
  readonly isOn: boolean;
  readonly isDisabled: boolean;
  readonly onPress: () => void;
  readonly children: string;
}

/** The end runs off the edge. */
function Edge({ isOn, isDisabled, onPress, children }: EdgeProps) {
  return (
    <button
      type="button"
      aria-pressed={isOn}
      disabled={isDisabled}
      className="w-12 rounded-md border border-edge bg-panel text-sm disabled:opacity-50 aria-pressed:bg-ink aria-pressed:text-panel"
      onClick={onPress}
    >
      {children}
    </button>
  );
}

interface OutlineProps {
  readonly planned: PlannedHistogram;
  readonly left: HistogramEnds['left'] | null;
  readonly right: HistogramEnds['right'] | null;
  readonly onPlace: (part: number) => void;
}

/** The two humps as they ought to stand, on the width of the camera's own. */
function Outline({ planned, left, right, onPlace }: OutlineProps) {
  const end = (at: number | 'off' | null) =>
    typeof at === 'number' && (
      <line
        x1={at * 100}
        x2={at * 100}
        y1={0}
        y2={HEIGHT}
        stroke="var(--ink)"
        strokeWidth={2}
        vectorEffect="non-scaling-stroke"
      />
    );
  return (
    <svg
      viewBox={`0 0 100 ${HEIGHT}`}
      preserveAspectRatio="none"
      role="slider"
      aria-label="Place in the camera’s histogram"
      aria-valuemin={0}
      aria-valuemax={100}
      aria-valuenow={Math.round(100 * (typeof right === 'number' ? right : planned.right))}
      tabIndex={0}
      className="h-24 w-full touch-none border border-edge bg-ground"
      onPointerDown={(e) => {
        const box = e.currentTarget.getBoundingClientRect();
        onPlace(Math.min(1, Math.max(0, (e.clientX - box.left) / box.width)));
      }}
      onKeyDown={(e) => {
        const way = { ArrowLeft: -0.02, ArrowRight: 0.02 }[e.key];
        if (way === undefined) return;
        e.preventDefault();
        const from = typeof right === 'number' ? right : planned.right;
        onPlace(Math.min(1, Math.max(0, from + way)));
      }}
    >
      <HumpPaths planned={planned} />
      {end(left)}
      {end(right)}
    </svg>
  );
}
