import { RotateCw, Trash2 } from 'lucide-react';
import { ROLES, type Role } from '@/core/field';
import {
  changeReading,
  doubtsOf,
  forgetEarlier,
  meteredEv,
  type Reading,
  isStale,
  lightMoves,
  readingMinutes,
  RECORD_AFTER_MINUTES,
  removeReading,
  strayDoubt,
  withoutPlace,
} from '@/model';
import { Button } from '@/ui/button';
import { Check } from '@/ui/check';
import { ParsedField } from '@/ui/field';
import { RoleIcon } from '@/ui/role-mark';
import { Segmented } from '@/ui/segmented';
import {
  ageText,
  changeText,
  clockText,
  meterSettingsText,
  stopsFigure,
  throughText,
  shownText,
  toneText,
  READ_TEXT,
} from '@/words';
import { ApertureField, IsoField } from '../../shared/exposure-fields';
import { parseShutter } from '../../shared/parse';
import { PercentField } from '../../shared/percent-field';
import { QuantityField } from '../../shared/quantity-field';
import { Figure } from '../parts/figure';
import { Doubts } from './doubts';
import { ReadThrough } from './read-through';
import { useReadAgain } from './use-read-again';
import { takeBack } from '../check/tell';
import { ROLE_NAMES } from '../parts/roles';
import {
  useAnswer,
  useDerived,
  useEdit,
  useMinute,
  useOpenStand,
  useSession,
  useSpotNames,
  useStand,
  useStandBag,
} from '../session';
import { WantedTone } from './wanted-tone';

/** The readings so far; the selected one can be corrected. */
export function ReadingList() {
  const readings = useStand((s) => s.readings);
  if (!readings.length) return <p className="text-quiet">{READ_TEXT.noReadingYetLand}</p>;
  return (
    <ul aria-label="Readings" className="border-t border-rule">
      {readings.map((reading) => (
        <Row key={reading.id} reading={reading} />
      ))}
      <Estimates />
    </ul>
  );
}

/** What was never read, and a shot has told of. */
function Estimates() {
  const open = useOpenStand();
  const added = useAnswer((a) => a.shown.added);
  const name = useSpotNames();
  return added.map((reading) => (
    <li key={reading.id} className="flex items-center gap-2.5 border-b border-rule py-1.5">
      <RoleIcon role={reading.role} />
      <span className="w-16 shrink-0 text-quiet">{name(reading.id)}</span>
      <span className="font-mono text-base font-semibold whitespace-nowrap">
        ≈ EV {stopsFigure(meteredEv(reading))}
      </span>
      <span className="min-w-0 flex-1 text-sm text-quiet">{READ_TEXT.shotShowedHeldUntil}</span>
      <Button
        kind="quiet"
        className="w-11 shrink-0 !px-0"
        aria-label={READ_TEXT.takeBackShotShowed(name(reading.id))}
        onClick={() => takeBack(open, reading.id)}
      >
        <Trash2 size={18} aria-hidden />
      </Button>
    </li>
  ));
}

function Row({ reading }: { reading: Reading }) {
  const stand = useStand();
  const edit = useEdit();
  const selected = useSession((s) => s.selection?.kind === 'reading' && s.selection.id === reading.id);
  const select = useSession((s) => s.select);
  const isAgain = useSession((s) => s.draft.again === reading.id);
  const readAgain = useReadAgain();
  const name = useSpotNames()(reading.id);
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
          <span className="w-16 shrink-0 text-quiet">{name}</span>
          <span className="font-mono text-base font-semibold whitespace-nowrap">
            EV {stopsFigure(meteredEv(reading))}
          </span>
          <span className="truncate text-sm text-quiet">{meterSettingsText(reading) ?? 'typed as EV'}</span>
        </button>
        <Button
          kind="quiet"
          className="w-11 shrink-0 !px-0"
          aria-label={`Read ${name} again`}
          aria-pressed={isAgain}
          onClick={() => readAgain(reading)}
        >
          <RotateCw size={18} aria-hidden />
        </Button>
        <Button
          kind="quiet"
          className="w-11 shrink-0 !px-0"
          aria-label={`Delete the reading of ${name}`}
          onClick={() => {
            select(null);
            edit((s) => removeReading(s, reading.id));
          }}
        >
          <Trash2 size={18} aria-hidden />
        </Button>
      </div>
      <AboutReading reading={reading} />
      <Doubts
        doubts={[strayDoubt(reading, stand), ...doubtsOf(reading, stand)].filter(
          (d) => d !== null && d.code !== 'sky-below-land',
        )}
        onMeant={(change) => edit((s) => changeReading(s, reading.id, change))}
      />
      {selected && <EditReading reading={reading} />}
    </li>
  );
}

/** What a reading's own figures do not say: place, age, glass, and what becomes of it. */
function AboutReading({ reading }: { reading: Reading }) {
  const bag = useStandBag();
  const carried = useAnswer((a) => a.carry?.stops.get(reading.id));
  const shown = useAnswer((a) => a.shown.shifts.get(reading.id));
  const outcome = useDerived((d) => d.inUse?.outcome.readings.find((r) => r.id === reading.id));
  const moves = useStand(lightMoves);
  const age = useMinute((now) => (moves ? ageNote(readingMinutes(reading, now)) : null));
  const tone = outcome && Number.isFinite(outcome.toneThroughStops) ? outcome : null;
  const about = [
    reading.u === undefined ? 'without a place, rough' : null,
    reading.limit ? 'to be held' : null,
    reading.wantedToneStops ? `wanted ${toneText(reading.wantedToneStops)}` : null,
    reading.throughFilterIds?.length ? `through ${throughText(reading.throughFilterIds, bag)}` : null,
    age,
    shown === undefined ? null : `by what a shot showed ${changeText(shown)}`,
    carried === undefined ? null : `carried ${changeText(carried)}`,
    tone && `comes out ${shownText(tone)}`,
    tone && !tone.held ? 'not held' : null,
  ].filter(Boolean);
  if (!about.length) return null;
  return (
    <p className="pl-[26px] text-sm text-quiet">
      <Figure of={`reading ${reading.id}`}>{about.join('; ')}</Figure>
    </p>
  );
}

/** How old a reading is; nothing of one that does not say when it was, or is of another day. */
const ageNote = (minutes: number | null): string | null =>
  minutes !== null && minutes < RECORD_AFTER_MINUTES
    ? `${ageText(minutes)} old${isStale(minutes) ? ', stale' : ''}`
    : null;

/** Corrects a reading that is there already. */
function EditReading({ reading }: { reading: Reading }) {
  const edit = useEdit();
  const { id } = reading;
  const change = (next: Partial<Reading>) => edit((s) => changeReading(s, id, next));
  return (
    <div className="space-y-2 py-2 pl-[26px]">
      <Segmented<Role>
        label={`Role of reading ${id}`}
        value={reading.role}
        options={ROLES.map((role) => ({ value: role, text: ROLE_NAMES[role] }))}
        onValue={(role) => change({ role })}
      />
      <LightFields reading={reading} change={change} />
      <PlaceFields reading={reading} change={change} />
      <QuantityField
        label="Meter’s angle"
        quantity="spotAngleDeg"
        unit="°"
        optional
        value={reading.spotAngleDeg}
        placeholder="not known"
        hint={READ_TEXT.circleDrawnTrueSize}
        onValue={(spotAngleDeg) => change({ spotAngleDeg })}
      />
      <Check isOn={!!reading.limit} onChange={(on) => change({ limit: on || undefined })}>
        {READ_TEXT.heldNotBalancedBrightest}
      </Check>
      {!reading.limit && <WantedTone reading={reading} />}
      <ReadThrough throughFilterIds={reading.throughFilterIds} seat={reading.seat} onChange={change} />
      <Earlier reading={reading} />
    </div>
  );
}

interface PartProps {
  reading: Reading;
  change: (next: Partial<Reading>) => void;
}

/** What the meter showed. */
function LightFields({ reading, change }: PartProps) {
  const { aperture, shutter, iso } = reading;
  return aperture === undefined || iso === undefined ? (
    <QuantityField
      label="EV at ISO 100"
      quantity="ev100"
      value={meteredEv(reading)}
      onValue={(value) => change({ ev100: value })}
    />
  ) : (
    <div className="grid grid-cols-3 gap-2">
      <ApertureField value={aperture} onValue={(value) => change({ aperture: value })} />
      <ParsedField
        label="Shutter"
        text={typeof shutter === 'number' ? `${shutter}s` : `${shutter}${shutter?.includes('/') ? '' : 's'}`}
        parse={parseShutter}
        onValue={({ kept }) => change({ shutter: kept })}
      />
      <IsoField value={iso} onValue={(value) => change({ iso: value })} />
    </div>
  );
}

/** Where it was read. */
function PlaceFields({ reading, change }: PartProps) {
  const edit = useEdit();
  return reading.u !== undefined && reading.v !== undefined ? (
    <div className="grid grid-cols-[1fr_1fr_auto] items-end gap-2">
      <PercentField label="Place across" value={reading.u} onValue={(u) => change({ u })} />
      <PercentField label="Place down" value={reading.v} onValue={(v) => change({ v })} />
      <Button onClick={() => edit((s) => withoutPlace(s, reading.id))}>No place</Button>
    </div>
  ) : (
    <Button onClick={() => change({ u: 0.5, v: 0.5 })}>Give it a place</Button>
  );
}

/** What the spot showed before, the newest first. */
function Earlier({ reading: { id, earlier = [] } }: { reading: Reading }) {
  const named = useSpotNames();
  const edit = useEdit();
  if (!earlier.length) return null;
  return (
    <div>
      <h4 className="text-sm text-quiet">Earlier looks at this spot</h4>
      <ol aria-label={`Earlier looks at ${named(id)}`} className="font-mono text-sm">
        {earlier.toReversed().map((light, i) => (
          <li key={i}>
            {light.takenAt ? clockText(light.takenAt) : 'time not told'} · EV {stopsFigure(meteredEv(light))}{' '}
            · {meterSettingsText(light) ?? 'typed as EV'}
          </li>
        ))}
      </ol>
      <Button kind="quiet" onClick={() => edit((s) => forgetEarlier(s, id))}>
        Forget them
      </Button>
    </div>
  );
}
