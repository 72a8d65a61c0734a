import { Crosshair, Plus, X } from 'lucide-react';
import { useState } from 'react';
import { exactAperture, exactIso, steppedShutterMark } from '@/core/units';
import {
  doubtsOf,
  type EnteredReading,
  ev100,
  guessSeconds,
  MAX_READINGS,
  METER_SCALES,
  meteredEv,
  type MeterScale,
  type ReadRole,
  USUAL_ANGLE_DEG,
} from '@/model';
import { Button } from '@/ui/button';
import { Check } from '@/ui/check';
import { ParsedField } from '@/ui/field';
import { RoleIcon } from '@/ui/role-mark';
import { Segmented } from '@/ui/segmented';
import { useTouch } from '@/ui/use-media';
import { capital, METER_SCALE_NAMES, stopsFigure, READ_TEXT } from '@/words';
import { Term } from '../../shared/term';
import { ApertureField, IsoField } from '../../shared/exposure-fields';
import { type Metered, parseMetered } from '../../shared/parse';
import { READ_ROLE_NAMES, READ_ROLES, ROLE_KEYS } from '../parts/roles';
import { type ReadingDraft, useSession, useSpotNames, useStand } from '../session';
import { Doubts } from './doubts';
import { METERED_FIELD, typeMetered } from './metered-field';
import { PhotoMeterChoice } from './photo-meter-choice';
import { ReadRoleIcon } from './read-role-icon';
import { ReadThrough } from './read-through';
import { useMeter } from '../pad/use-meter';
import { useUsualLand } from '../pad/use-usual-land';

/** The reading that is being entered: role, place, and what the meter showed. */
export function NewReading() {
  const stand = useStand();
  const draft = useSession((s) => s.draft);
  const setDraft = useSession((s) => s.setDraft);
  const select = useSession((s) => s.select);
  const onPhoto = useSession((s) => s.photoMeterDeg !== null) && !!stand.picture;
  const meter = useMeter(draft.role);
  const { aperture, iso, through, setThrough, isFull, take } = meter;
  const [scale, setScale] = useState<MeterScale>('shutter');
  const [metered, setMetered] = useState<Metered | null>(null);
  const [round, setRound] = useState(0);
  const clear = () => {
    setMetered(null);
    setRound(round + 1);
  };
  const isSpot = draft.role !== 'through' && !draft.again;
  const complete = metered !== null && !(isFull && isSpot);
  const add = () => {
    if (!complete) return;
    take('ev100' in metered ? metered : { aperture, iso, shutter: metered.kept });
    setDraft({ ...NEXT, role: draft.role === 'land' && isSpot ? 'sky' : draft.role });
    clear();
    select(null);
    typeMetered();
  };
  return (
    <section aria-label="New reading" className="space-y-3">
      {draft.again ? <Again id={draft.again} /> : <DraftRoles />}
      {isSpot && <DraftPlace />}
      <ScaleChoice
        scale={onPhoto ? PICTURE : scale}
        onScale={(next) => {
          if (next !== PICTURE) setScale(next);
          clear();
        }}
      />
      {onPhoto ? (
        <PhotoMeterChoice />
      ) : (
        <MeterFields key={round} scale={scale} meter={meter} onMetered={setMetered} onEnter={add} />
      )}
      {metered && <Doubts doubts={doubtsOf(enteredReading(draft, metered, { aperture, iso }), stand)} />}
      {isSpot && <ToHold />}
      {!onPhoto && <ReadThrough {...through} onChange={setThrough} />}
      {!onPhoto && (
        <Button kind="action" className="w-full" disabled={!complete} onClick={add}>
          <Plus size={18} aria-hidden />
          {addText(draft)}
          {metered && `, EV ${stopsFigure(evOf(metered, { aperture, iso }))}`}
        </Button>
      )}
      {isFull && isSpot && (
        <p className="text-sm text-quiet">{READ_TEXT.standHoldsReadingsMost(MAX_READINGS)}</p>
      )}
    </section>
  );
}

/** Whether what is being read must keep its detail. */
function ToHold() {
  const limit = useSession((s) => s.draft.limit);
  const setDraft = useSession((s) => s.setDraft);
  const byTouch = useTouch();
  return (
    <div className="flex items-center gap-3">
      <Check isOn={limit} onChange={(on) => setDraft({ limit: on })}>
        {READ_TEXT.thisOneIsTo}
        {!byTouch && ' (key H)'}
      </Check>
      <Term of="hold" className="text-sm text-quiet">
        held?
      </Term>
    </div>
  );
}

/** EV at ISO 100 of what the meter showed at its settings. */
const evOf = (metered: Metered, { aperture, iso }: { aperture: number; iso: number }): number =>
  'ev100' in metered
    ? metered.ev100
    : ev100({ aperture: exactAperture(aperture), iso: exactIso(iso), seconds: metered.seconds });

/** The last of the meter's scales: the stand's picture is the meter. */
const PICTURE = 'picture';
const NEXT = { place: null, limit: false, again: null };

const addText = ({ role, again }: ReadingDraft): string =>
  again ? `Take ${again} anew` : role === 'through' ? 'Take the whole scene' : `Add ${role} reading`;

/** What is being entered, as a reading to be looked at; the whole scene belongs to neither side. */
function enteredReading(
  { role, limit, again }: ReadingDraft,
  metered: Metered,
  settings: { readonly aperture: number; readonly iso: number },
): EnteredReading {
  return {
    ...(again ? { id: again } : {}),
    role: role === 'through' ? 'feature' : role,
    limit,
    ...('ev100' in metered ? metered : { ...settings, shutter: metered.kept }),
  };
}

interface ScaleChoiceProps {
  scale: MeterScale | typeof PICTURE;
  onScale: (scale: MeterScale | typeof PICTURE) => void;
}

/** What the meter shows, or that the picture is the meter. */
function ScaleChoice({ scale, onScale }: ScaleChoiceProps) {
  const hasPicture = useStand((s) => !!s.picture);
  const isBench = useStand((s) => !!s.bench);
  const setPhotoMeter = useSession((s) => s.setPhotoMeter);
  return (
    <Segmented<MeterScale | typeof PICTURE>
      label="What the meter shows"
      value={scale}
      options={[
        ...METER_SCALES.map((value) => ({ value, text: METER_SCALE_NAMES[value] })),
        ...(hasPicture ? [{ value: PICTURE, text: isBench ? 'Bench' : 'Picture' } as const] : []),
      ]}
      onValue={(next) => {
        setPhotoMeter(next === PICTURE ? USUAL_ANGLE_DEG : null);
        onScale(next);
      }}
    />
  );
}

/** What the next reading is of. */
function DraftRoles() {
  const stand = useStand();
  const draft = useSession((s) => s.draft);
  const setDraft = useSession((s) => s.setDraft);
  return (
    <Segmented<ReadRole>
      label="Role"
      value={draft.role}
      template="1fr 1fr 1fr 1.1fr 1.5fr"
      options={READ_ROLES.map((role) => ({
        value: role,
        text: (
          <span className="flex min-w-0 flex-col items-center gap-0.5 py-1 text-[15px]">
            <ReadRoleIcon role={role} />
            <span className="max-w-full truncate">
              {role === 'sky' && stand.skyName ? stand.skyName : READ_ROLE_NAMES[role]}
            </span>
          </span>
        ),
      }))}
      onValue={(role) => setDraft({ role, place: role === 'through' ? null : draft.place })}
    />
  );
}

/** A spot that is read again, and the way out of it. */
function Again({ id }: { id: string }) {
  const stand = useStand();
  const named = useSpotNames();
  const setDraft = useSession((s) => s.setDraft);
  const reading = stand.readings.find((r) => r.id === id);
  if (!reading) return null;
  return (
    <p className="flex min-h-11 items-center gap-2.5 border-l-4 border-action pl-2.5">
      <RoleIcon role={reading.role} />
      <span className="flex-1">
        {READ_TEXT.againShowedEvSame(capital(named(id)), stopsFigure(meteredEv(reading)))}
      </span>
      <Button kind="quiet" onClick={() => setDraft({ again: null })}>
        <X size={16} aria-hidden /> A new one
      </Button>
    </p>
  );
}

/** Where the reading will lie. */
function DraftPlace() {
  const byTouch = useTouch();
  const draft = useSession((s) => s.draft);
  const setDraft = useSession((s) => s.setDraft);
  return (
    <p className="flex min-h-11 items-center gap-2 text-sm text-quiet">
      <Crosshair size={18} aria-hidden className="shrink-0" />
      {draft.place ? (
        <>
          <span className="flex-1">
            {Math.round(draft.place.u * 100)} % across, {Math.round(draft.place.v * 100)} % down
          </span>
          <Button kind="quiet" onClick={() => setDraft({ place: null })}>
            <X size={16} aria-hidden /> No place
          </Button>
        </>
      ) : (
        <>
          <span className="flex-1">
            {byTouch ? 'Tap' : 'Click'} {READ_TEXT.frameWhereSpotLeave}
          </span>
          <Button kind="quiet" onClick={() => setDraft({ place: { u: 0.5, v: 0.5 } })}>
            Place
          </Button>
        </>
      )}
    </p>
  );
}

interface MeterFieldsProps {
  scale: MeterScale;
  meter: ReturnType<typeof useMeter>;
  onMetered: (metered: Metered | null) => void;
  onEnter: () => void;
}

/** The figure that the meter shows, a time with what it was metered at. */
function MeterFields({ scale, meter, ...told }: MeterFieldsProps) {
  const { aperture, iso } = meter;
  const settings = { aperture: exactAperture(aperture), iso: exactIso(iso) };
  const field = <MeteredField scale={scale} settings={settings} {...told} />;
  return scale === 'shutter' ? (
    <div className="grid grid-cols-[1fr_1.5fr_1fr] gap-2">
      <ApertureField value={aperture} onValue={meter.setAperture} />
      {field}
      <IsoField value={iso} onValue={meter.setIso} />
    </div>
  ) : (
    field
  );
}

interface MeteredFieldProps {
  scale: MeterScale;
  settings: Parameters<typeof guessSeconds>[2];
  onMetered: (metered: Metered | null) => void;
  onEnter: () => void;
}

const LABELS: Record<MeterScale, string> = {
  shutter: 'Shutter',
  ev: 'EV at ISO 100',
  lux: 'Light on the spot, lux',
  luminance: 'Light from the spot, cd/m²',
};
const PLACEHOLDERS: Record<MeterScale, string> = {
  shutter: '250',
  ev: '12.7, or 14.7 at ISO 400',
  lux: '4000',
  luminance: '320',
};

/** What the meter showed, on whatever scale it is typed; the arrow keys step a shutter time by thirds of a stop. */
function MeteredField({ scale, settings, onMetered, onEnter }: MeteredFieldProps) {
  const stand = useStand();
  const draft = useSession((s) => s.draft);
  const setDraft = useSession((s) => s.setDraft);
  const usualLand = useUsualLand();
  const parse = parseMetered(scale);
  const step = (text: string, way: 1 | -1, isLarge: boolean): string => {
    const read = parse(text);
    const at =
      read.ok && 'seconds' in read.value
        ? steppedShutterMark(read.value.seconds, isLarge ? 3 * way : way)
        : steppedShutterMark(guessSeconds(draft.role, stand, settings, usualLand), 0);
    return at.name.includes('/') ? at.name : `${at.name}s`;
  };
  return (
    <ParsedField
      id={METERED_FIELD}
      label={LABELS[scale]}
      inputMode={scale === 'shutter' ? 'text' : 'decimal'}
      placeholder={PLACEHOLDERS[scale]}
      text=""
      keepDraft
      parse={parse}
      {...(scale === 'shutter' ? { step } : {})}
      onValue={onMetered}
      onRefused={() => onMetered(null)}
      onEnter={onEnter}
      onKeyWhileEmpty={(key) => {
        const role = ROLE_KEYS[key.toLowerCase()];
        if (role) setDraft({ role, again: null });
        return !!role;
      }}
    />
  );
}
