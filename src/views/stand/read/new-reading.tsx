import { Crosshair, Plus, X } from 'lucide-react';
import { useState } from 'react';
import { ev100 } from '@/core/exposure';
import { ROLES, type Role } from '@/core/field';
import { exactAperture, exactIso } from '@/core/units';
import { MAX_READINGS } from '@/model';
import { Button } from '@/ui/button';
import { ParsedField } from '@/ui/field';
import { RoleIcon } from '@/ui/role-mark';
import { Segmented } from '@/ui/segmented';
import { stopsFigure } from '@/words';
import { ApertureField, IsoField } from '../../exposure-fields';
import { parseQuantity, parseShutter, type TypedShutter } from '../../parse';
import { ROLE_NAMES } from '../roles';
import { useStand } from '../stand-context';
import { ReadThrough } from './read-through';
import { useMeter } from './use-meter';

type Entry = 'settings' | 'ev';

/** The reading that is being entered: role, place, and what the meter showed. */
export function NewReading() {
  const { stand, draft, setDraft, select } = useStand();
  const { aperture, iso, setAperture, setIso, through, setThrough, isFull, take } = useMeter();
  const [entry, setEntry] = useState<Entry>('settings');
  const [shutter, setShutter] = useState<TypedShutter | null>(null);
  const [ev, setEv] = useState<number | null>(null);
  const [round, setRound] = useState(0);
  const complete = !isFull && (entry === 'settings' ? shutter !== null : ev !== null);
  const add = () => {
    if (!complete) return;
    take(
      entry === 'settings'
        ? { aperture, iso, shutter: (shutter as TypedShutter).kept }
        : { ev100: ev as number },
    );
    setDraft({ role: draft.role === 'land' ? 'sky' : draft.role, place: null });
    setShutter(null);
    setEv(null);
    setRound(round + 1);
    select(null);
  };
  const shown =
    entry === 'settings'
      ? shutter && ev100({ aperture: exactAperture(aperture), iso: exactIso(iso), seconds: shutter.seconds })
      : ev;
  return (
    <section aria-label="New reading" className="space-y-3">
      <Segmented<Role>
        label="Role"
        value={draft.role}
        options={ROLES.map((role) => ({
          value: role,
          text: (
            <>
              <RoleIcon role={role} />
              {role === 'sky' && stand.skyName ? stand.skyName : ROLE_NAMES[role]}
            </>
          ),
        }))}
        onValue={(role) => setDraft({ ...draft, role })}
      />
      <p className="flex min-h-11 items-center gap-2 text-sm text-quiet">
        <Crosshair size={18} aria-hidden className="shrink-0" />
        {draft.place ? (
          <>
            <span className="flex-1">
              {Math.round(draft.place.u * 100)} % across, {Math.round(draft.place.v * 100)} % down
            </span>
            <Button kind="quiet" onClick={() => setDraft({ ...draft, place: null })}>
              <X size={16} aria-hidden /> No place
            </Button>
          </>
        ) : (
          <>
            <span className="flex-1">Click the frame where the spot was, or leave it without a place.</span>
            <Button kind="quiet" onClick={() => setDraft({ ...draft, place: { u: 0.5, v: 0.5 } })}>
              Place
            </Button>
          </>
        )}
      </p>
      <Segmented<Entry>
        label="What the meter showed"
        value={entry}
        options={[
          { value: 'settings', text: 'Camera settings' },
          { value: 'ev', text: 'EV' },
        ]}
        onValue={setEntry}
      />
      {entry === 'settings' ? (
        <div className="grid grid-cols-[1fr_1.5fr_1fr] gap-2">
          <ApertureField value={aperture} onValue={setAperture} />
          <ParsedField
            key={round}
            id="reading-shutter"
            label="Shutter"
            placeholder="250"
            text=""
            keepDraft
            parse={parseShutter}
            onValue={setShutter}
            onRefused={() => setShutter(null)}
            onEnter={add}
          />
          <IsoField value={iso} onValue={setIso} />
        </div>
      ) : (
        <ParsedField
          key={round}
          id="reading-shutter"
          label="EV at ISO 100"
          inputMode="decimal"
          placeholder="12.7"
          text=""
          keepDraft
          parse={parseQuantity('ev100')}
          onValue={setEv}
          onRefused={() => setEv(null)}
          onEnter={add}
        />
      )}
      <ReadThrough {...through} onChange={setThrough} />
      <Button kind="action" className="w-full" disabled={!complete} onClick={add}>
        <Plus size={18} aria-hidden />
        Add {draft.role} reading{shown === null ? '' : `, EV ${stopsFigure(shown)}`}
      </Button>
      {isFull && <p className="text-sm text-quiet">A stand holds {MAX_READINGS} readings at most.</p>}
    </section>
  );
}
