import { Crosshair, Plus, Trash2, X } from 'lucide-react';
import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { ROLES, type Role } from '@/core/field';
import { exactAperture, exactIso } from '@/core/units';
import { ev100 } from '@/core/exposure';
import {
  addReading,
  changeReading,
  MAX_READINGS,
  meteredEv,
  type Reading,
  readingMinutes,
  removeReading,
  withoutPlace,
} from '@/model';
import { Button } from '@/ui/button';
import { ParsedField } from '@/ui/field';
import { RoleIcon } from '@/ui/role-mark';
import { Segmented } from '@/ui/segmented';
import { ageText, stopsFigure, stopsText, toneText } from '@/words';
import {
  parseAperture,
  parseIso,
  parsePercent,
  parseQuantity,
  parseShutter,
  percentFigure,
  type TypedShutter,
} from '../parse';
import { useStand } from './stand-context';
import { useNow } from './use-now';

const ROLE_NAMES: Record<Role, string> = { sky: 'Sky', land: 'Land', water: 'Water', feature: 'Feature' };
const ROLE_KEYS: Record<string, Role> = { s: 'sky', l: 'land', w: 'water', f: 'feature' };

/** Step 2: spot readings, placed on the frame or without a place. */
export function ReadStep() {
  const { derived } = useStand();
  const { spanStops, reachStops } = derived;
  return (
    <div className="space-y-5">
      <p className="flex items-baseline gap-3">
        <span className="text-3xl font-semibold">
          {spanStops === null ? '—' : stopsText(Math.round(spanStops * 10) / 10)}
        </span>
        <span className="text-quiet">
          {spanStops === null
            ? 'span, once sky and land are read'
            : `span${reachStops === null ? '' : `, reach ${stopsFigure(reachStops)}`}`}
        </span>
      </p>
      <NewReading />
      <SunCaution />
      <ReadingList />
    </div>
  );
}

/** Skies this bright have the sun in or near them, EV at ISO 100. */
const NEAR_SUN_EV = 15;

/** Where a reading lies near the sun, what it can do to eyes. */
function SunCaution() {
  const { stand } = useStand();
  if (!stand.readings.some((r) => r.role === 'sky' && meteredEv(r) >= NEAR_SUN_EV)) return null;
  return (
    <p role="note" className="border-l-2 border-fault pl-2.5 text-sm">
      This sky is bright enough to hold the sun. Keep it out of an optical finder and a magnified lens: grads
      and ND are no protection for eyes.
    </p>
  );
}

type Entry = 'settings' | 'ev';

/** The reading that is being entered: role, place, and what the meter showed. */
function NewReading() {
  const { stand, edit, draft, setDraft, select } = useStand();
  const last = [...stand.readings].reverse().find((r) => r.aperture !== undefined);
  const [entry, setEntry] = useState<Entry>('settings');
  const [aperture, setAperture] = useState(last?.aperture ?? 8);
  const [iso, setIso] = useState(last?.iso ?? 100);
  const [shutter, setShutter] = useState<TypedShutter | null>(null);
  const [ev, setEv] = useState<number | null>(null);
  const [round, setRound] = useState(0);
  useHotkeys(Object.keys(ROLE_KEYS), (e) => {
    const role = ROLE_KEYS[e.key.toLowerCase()];
    if (role) setDraft({ ...draft, role });
  });
  const full = stand.readings.length >= MAX_READINGS;
  const complete = !full && (entry === 'settings' ? shutter !== null : ev !== null);
  const add = () => {
    if (!complete) return;
    const light =
      entry === 'settings'
        ? { aperture, iso, shutter: (shutter as TypedShutter).kept }
        : { ev100: ev as number };
    edit((s) =>
      addReading(s, { role: draft.role, ...light, ...draft.place, takenAt: new Date().toISOString() }),
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
              {ROLE_NAMES[role]}
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
          <ParsedField
            label="Aperture"
            unit="f/"
            inputMode="decimal"
            text={String(aperture)}
            parse={parseAperture}
            onValue={setAperture}
          />
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
          <ParsedField label="ISO" inputMode="numeric" text={String(iso)} parse={parseIso} onValue={setIso} />
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
      <Button kind="action" className="w-full" disabled={!complete} onClick={add}>
        <Plus size={18} aria-hidden />
        Add {draft.role} reading{shown === null ? '' : `, EV ${stopsFigure(shown)}`}
      </Button>
      {full && <p className="text-sm text-quiet">A stand holds {MAX_READINGS} readings at most.</p>}
    </section>
  );
}

function ReadingList() {
  const { stand } = useStand();
  const now = useNow();
  if (!stand.readings.length)
    return <p className="text-quiet">No reading yet. One of the land and one of the sky make a plan.</p>;
  return (
    <ul aria-label="Readings" className="border-t border-rule">
      {stand.readings.map((reading) => (
        <Row key={reading.id} reading={reading} now={now} />
      ))}
    </ul>
  );
}

function Row({ reading, now }: { reading: Reading; now: number }) {
  const { edit, selection, select, derived } = useStand();
  const selected = selection?.kind === 'reading' && selection.id === reading.id;
  const outcome = derived.inUse?.outcome.readings.find((r) => r.id === reading.id);
  const tone = outcome && Number.isFinite(outcome.toneThroughStops) ? outcome : null;
  const minutes = readingMinutes(reading, now);
  const about = [
    reading.u === undefined ? 'without a place, rough' : null,
    reading.limit ? 'to be held' : null,
    minutes !== null && minutes < 12 * 60 ? `${ageText(minutes)} old` : null,
    tone && `comes out ${toneText(tone.toneThroughStops)}`,
    tone && !tone.held ? 'not held' : null,
  ].filter(Boolean);
  return (
    <li className={`border-b border-rule py-1.5 ${selected ? 'bg-chosen' : ''}`}>
      <div className="flex items-center gap-2">
        <button
          type="button"
          aria-pressed={selected}
          onClick={() => select(selected ? null : { kind: 'reading', id: reading.id })}
          className="flex min-h-11 min-w-0 flex-1 items-center gap-2.5 text-left"
        >
          <RoleIcon role={reading.role} />
          <span className="w-7 shrink-0 text-quiet">{reading.id}</span>
          <span className="font-mono text-base font-semibold">EV {stopsFigure(meteredEv(reading))}</span>
          <span className="truncate text-sm text-quiet">{settingsText(reading)}</span>
        </button>
        <Button
          kind="quiet"
          className="w-11 shrink-0 !px-0"
          aria-label={`Delete reading ${reading.id}`}
          onClick={() => {
            select(null);
            edit((s) => removeReading(s, reading.id));
          }}
        >
          <Trash2 size={18} aria-hidden />
        </Button>
      </div>
      {about.length > 0 && <p className="pl-[26px] text-sm text-quiet">{about.join('; ')}</p>}
      {selected && <EditReading reading={reading} />}
    </li>
  );
}

const settingsText = ({ aperture, shutter, iso }: Reading): string =>
  aperture === undefined ? 'typed as EV' : `f/${aperture}, ${shutterText(shutter)}, ISO ${iso}`;

const shutterText = (shutter: Reading['shutter']): string =>
  typeof shutter === 'number' ? `${Number(shutter.toPrecision(3))} s` : `${shutter} s`;

/** Corrects a reading that is there already. */
function EditReading({ reading }: { reading: Reading }) {
  const { edit } = useStand();
  const { id, aperture, shutter, iso } = reading;
  const change = (next: Partial<Reading>) => edit((s) => changeReading(s, id, next));
  return (
    <div className="space-y-2 py-2 pl-[26px]">
      <Segmented<Role>
        label={`Role of reading ${id}`}
        value={reading.role}
        options={ROLES.map((role) => ({ value: role, text: ROLE_NAMES[role] }))}
        onValue={(role) => change({ role })}
      />
      {aperture === undefined ? (
        <ParsedField
          label="EV at ISO 100"
          inputMode="decimal"
          text={String(reading.ev100)}
          parse={parseQuantity('ev100')}
          onValue={(value) => change({ ev100: value })}
        />
      ) : (
        <div className="grid grid-cols-3 gap-2">
          <ParsedField
            label="Aperture"
            unit="f/"
            inputMode="decimal"
            text={String(aperture)}
            parse={parseAperture}
            onValue={(value) => change({ aperture: value })}
          />
          <ParsedField
            label="Shutter"
            text={
              typeof shutter === 'number' ? `${shutter}s` : `${shutter}${shutter?.includes('/') ? '' : 's'}`
            }
            parse={parseShutter}
            onValue={({ kept }) => change({ shutter: kept })}
          />
          <ParsedField
            label="ISO"
            inputMode="numeric"
            text={String(iso)}
            parse={parseIso}
            onValue={(value) => change({ iso: value })}
          />
        </div>
      )}
      {reading.u !== undefined && reading.v !== undefined ? (
        <div className="grid grid-cols-[1fr_1fr_auto] items-end gap-2">
          <ParsedField
            label="Place across"
            unit="%"
            inputMode="decimal"
            text={percentFigure(reading.u)}
            parse={parsePercent}
            onValue={(u) => change({ u })}
          />
          <ParsedField
            label="Place down"
            unit="%"
            inputMode="decimal"
            text={percentFigure(reading.v)}
            parse={parsePercent}
            onValue={(v) => change({ v })}
          />
          <Button onClick={() => edit((s) => withoutPlace(s, id))}>No place</Button>
        </div>
      ) : (
        <Button onClick={() => change({ u: 0.5, v: 0.5 })}>Give it a place</Button>
      )}
      <label className="flex min-h-11 items-center gap-2.5">
        <input
          type="checkbox"
          className="size-5 accent-(--action)"
          checked={!!reading.limit}
          onChange={(e) => change({ limit: e.target.checked || undefined })}
        />
        To be held, not balanced (the brightest cloud, the deepest hole)
      </label>
    </div>
  );
}
