import { MoreHorizontal } from 'lucide-react';
import { useState } from 'react';
import { lastReading, type ReadRole } from '@/model';
import { Button } from '@/ui/button';
import { percentText, stopsText, READ_TEXT } from '@/words';
import { ApertureField, IsoField } from '../../shared/exposure-fields';
import { Figure } from '../parts/figure';
import { useDerived, useSession, useStand } from '../session';
import { RoleButton } from './role-button';
import { CELL, Marks } from '../pad/marks';
import { type useMeter } from '../pad/use-meter';
import { type PadState, usePad } from '../pad/use-pad';

/** Readings by thumb: Land or Sky, then the mark that the meter shows. */
export function Pad() {
  const pad = usePad();
  const { role, isCorrecting } = pad;
  const [typing, setTyping] = useState(false);
  const turnTo = (next: ReadRole) => {
    pad.turnTo(next);
    setTyping(false);
  };
  const what = `${role === 'through' ? 'camera' : role} reading`;
  return (
    <section aria-label="Reading pad" className="space-y-2 pt-2">
      <Settings meter={pad.meter} />
      <Roles role={role} onTap={turnTo} />
      <PadNotes pad={pad} />
      <Marks pad={pad} what={what} typing={typing} onTyping={setTyping} />
      {isCorrecting && role !== 'through' && (
        <Button className="w-full" onClick={pad.readFurther}>
          A further reading of the {role}
        </Button>
      )}
    </section>
  );
}

/** Which spot it is that is read, where that is not as usual. */
function PadNotes({ pad }: { pad: PadState }) {
  const { role, place } = pad;
  return (
    <>
      {pad.again && (
        <p className="flex min-h-11 items-center text-sm text-quiet">
          <span className="flex-1">
            {pad.againName} {READ_TEXT.againSameSpotNow}
          </span>
          <Button kind="quiet" onClick={pad.notAgain}>
            A new one
          </Button>
        </p>
      )}
      {place && (
        <p className="flex min-h-11 items-center text-sm text-quiet">
          <span className="flex-1">
            The {role} spot lies {percentText(place.u)} across, {percentText(place.v)} down.
          </span>
          <Button kind="quiet" onClick={pad.withoutPlace}>
            No place
          </Button>
        </p>
      )}
    </>
  );
}

const OTHERS: readonly ReadRole[] = ['water', 'feature', 'through'];

/** Land and sky as large as thumbs; what else can be read, and what is to be held, a tap away. */
function Roles({ role, onTap }: { role: ReadRole; onTap: (role: ReadRole) => void }) {
  const draft = useSession((s) => s.draft);
  const setDraft = useSession((s) => s.setDraft);
  const [isOpen, setOpen] = useState(false);
  const showsOthers = isOpen || OTHERS.includes(role) || draft.limit;
  return (
    <div className="space-y-2" role="group" aria-label="What is read">
      <div className="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)_64px] gap-2">
        <RoleButton role="land" current={role === 'land'} onTap={onTap} />
        <RoleButton role="sky" current={role === 'sky'} onTap={onTap} />
        <button
          type="button"
          aria-expanded={showsOthers}
          aria-label={READ_TEXT.waterFeaturesThroughAll}
          className={`${CELL} font-sans!`}
          onClick={() => setOpen(!showsOthers)}
        >
          <MoreHorizontal size={24} aria-hidden />
          <span className="text-xs font-normal">more</span>
        </button>
      </div>
      {showsOthers && (
        <div className="grid grid-cols-2 gap-2">
          {OTHERS.map((other) => (
            <RoleButton
              key={other}
              role={other}
              current={role === other}
              onTap={onTap}
              className="min-h-16"
            />
          ))}
          <button
            type="button"
            aria-pressed={draft.limit}
            className={`min-h-16 rounded-md border-2 bg-panel px-3 text-left active:bg-chosen ${draft.limit ? 'border-action' : 'border-edge'}`}
            onClick={() => setDraft({ limit: !draft.limit })}
          >
            <span className="block text-lg font-semibold">To hold</span>
            <span className="block text-sm text-quiet">the next, not balanced</span>
          </button>
        </div>
      )}
    </div>
  );
}

/** The meter's aperture and ISO: as the stand is exposed, unless it is set otherwise; and beside them the span. */
function Settings({ meter }: { meter: ReturnType<typeof useMeter> }) {
  const { aperture, iso, isApart, setAperture, setIso, asExposed } = meter;
  const [open, setOpen] = useState(false);
  return (
    <>
      <div className="flex items-center gap-3 text-sm text-quiet">
        <button
          type="button"
          aria-expanded={open}
          className="min-h-11 text-left"
          onClick={() => setOpen(!open)}
        >
          {isApart ? 'meter at ' : ''}f/{aperture}, ISO {iso}{' '}
          <span className="underline underline-offset-4">{open ? 'done' : 'meter set otherwise?'}</span>
        </button>
        <SpanOrNext />
      </div>
      {open && (
        <div className="grid grid-cols-2 gap-2 pb-1">
          <ApertureField value={aperture} onValue={setAperture} />
          <IsoField value={iso} onValue={setIso} />
          {isApart && (
            <Button kind="quiet" className="col-span-2" onClick={asExposed}>
              As the picture is exposed
            </Button>
          )}
        </div>
      )}
    </>
  );
}

/** The span, or what is to be read for it. */
function SpanOrNext() {
  const stand = useStand();
  const derived = useDerived();
  const text =
    derived.spanStops !== null
      ? null
      : !lastReading(stand, 'land')
        ? 'read the land'
        : !lastReading(stand, 'sky')
          ? 'read the sky'
          : '';
  return (
    <p className="ml-auto font-semibold text-ink">
      span: {text ?? <Figure of="span">{stopsText(derived.spanStops ?? 0)}</Figure>}
    </p>
  );
}
