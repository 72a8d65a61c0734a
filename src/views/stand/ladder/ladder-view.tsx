import { useMemo, useRef, useState } from 'react';
import { toneSpread } from '@/core/field';
import { exposedFor, gapOf, placed, traitsOf, withGap } from '@/model';
import { Ladder, ladderDomain, LADDER_HEIGHT, LADDER_ROWS, ladderScale } from '@/render/ladder';
import { useSize } from '@/ui/use-size';
import { rangeOfText, stopsFigure, timeText, LADDER_TEXT } from '@/words';
import { parseShutter, typedNumber } from '../../shared/parse';
import { useDerived, useEdit, useSession, useAnswer, useStand } from '../session';
import { KeepHandle } from './keep-handle';
import { ladderData, markKey } from './ladder-data';
import { MarkButtons } from './mark-buttons';
import { TypedFigure } from './typed-figure';
import { WindowHandle } from './window-handle';

/** The ladder of light for the stand as it is, with everything on it that can be pressed, dragged and typed. */
export function LadderView() {
  const stand = useAnswer((a) => a.lit);
  const derived = useDerived();
  const selection = useSession((s) => s.selection);
  const ref = useRef<HTMLDivElement>(null);
  const { width } = useSize(ref);
  const [openKey, setOpenKey] = useState<string | null>(null);
  const [told, setTold] = useState<{ readonly text: string; readonly x: number } | null>(null);
  const [typing, setTyping] = useState<'time' | 'gap' | null>(null);
  /** The scale while something on it is dragged. */
  const [held, setHeld] = useState<readonly [number, number] | null>(null);
  const selected =
    selection?.kind === 'reading' ? stand.readings.find((r) => r.id === selection.id) : undefined;
  const field = derived.prepared?.input.field;
  // light that was read off a picture is its own; light that was spread from readings says nothing new
  const tones = useMemo(() => (field?.tie ? toneSpread(field) : null), [field]);
  const data = { ...ladderData(stand, derived, selected ? markKey(selected) : openKey), tones };
  const domain = held ?? ladderDomain(data);
  const x = ladderScale(domain, width);
  const hold = (on: boolean) => setHeld(on ? domain : null);
  const exposure = data.exposures.length === 1 ? data.exposures[0] : undefined;
  return (
    <div ref={ref} className="relative shrink-0" style={{ minHeight: LADDER_HEIGHT }}>
      {width > 0 &&
        (data.marks.length ? (
          <Ladder data={data} x={x} width={width}>
            {exposure && (
              <WindowHandle
                exposure={exposure}
                x={x}
                width={width}
                hold={hold}
                onType={() => setTyping('time')}
              />
            )}
            <MarkButtons marks={data.marks} x={x} onTell={setTold} onOpen={setOpenKey} />
            {data.keep && <KeepHandle keep={data.keep} x={x} hold={hold} onType={() => setTyping('gap')} />}
          </Ladder>
        ) : (
          <p className="flex h-36 items-center text-quiet">{LADDER_TEXT.ladderLightFillsReadings}</p>
        ))}
      {told && <Told {...told} width={width} />}
      {typing === 'time' && exposure && (
        <TypedTime x={x(exposure.evMidGrey)} width={width} onClose={() => setTyping(null)} />
      )}
      {typing === 'gap' && data.keep && (
        <TypedGap x={x(data.keep.to)} width={width} onClose={() => setTyping(null)} />
      )}
    </div>
  );
}

/** What a mark tells, over the dimensions and clear of the mark itself. */
function Told({ text, x, width }: { text: string; x: number; width: number }) {
  const onLeft = x > width / 2;
  return (
    <p
      role="status"
      className="pointer-events-none absolute z-10 max-w-full border-l-4 border-ink bg-ground px-2 py-1 text-sm"
      style={{
        bottom: LADDER_HEIGHT - LADDER_ROWS.bare + 22,
        ...(onLeft ? { right: Math.max(0, width - x - 60) } : { left: Math.max(0, x - 60) }),
      }}
    >
      {text}
    </p>
  );
}

interface TypedProps {
  x: number;
  width: number;
  onClose: () => void;
}

function TypedTime({ x, width, onClose }: TypedProps) {
  const stand = useStand();
  const derived = useDerived();
  const edit = useEdit();
  const isPlaced = !!stand.look.landPlacementStops;
  return (
    <TypedFigure
      label="Expose for"
      x={x}
      y={LADDER_HEIGHT - LADDER_ROWS.shutter + 6}
      width={width}
      text=""
      placeholder={timeText(derived.inUse?.outcome.exposure?.seconds ?? 1)}
      parse={parseShutter}
      onValue={({ seconds }) => edit((s) => exposedFor(s, derived, seconds))}
      onClose={onClose}
      onBack={isPlaced ? () => edit((s) => placed(s, 0)) : undefined}
    />
  );
}

function TypedGap({ x, width, onClose }: TypedProps) {
  const stand = useStand();
  const edit = useEdit();
  const gap = gapOf(stand) ?? 0;
  const [low, high] = traitsOf(stand).gap?.range ?? [0, 0];
  const isHeavy = high < 0;
  const [least, most] = isHeavy ? [-high, -low] : [low, high];
  return (
    <TypedFigure
      label={isHeavy ? 'Darker by' : 'Keep'}
      unit="stops"
      x={x}
      y={LADDER_HEIGHT - LADDER_ROWS.chain - 16}
      width={width}
      text={stopsFigure(Math.abs(gap))}
      parse={(text) => {
        const value = typedNumber(text);
        return value !== null && value >= least && value <= most
          ? { ok: true, value }
          : { ok: false, error: rangeOfText(least, most, 'stops') };
      }}
      onValue={(value) => edit((s) => withGap(s, isHeavy ? -value : value))}
      onClose={onClose}
    />
  );
}
