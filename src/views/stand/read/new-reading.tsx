import { Crosshair, Plus, X } from 'lucide-react';
import { useState } from 'react';
import { ev100, METER_SCALES, type MeterScale } from '@/core/exposure';
import { ROLES, type Role } from '@/core/field';
import { exactAperture, exactIso, steppedShutterMark } from '@/core/units';
import { doubtsOf, guessSeconds, MAX_READINGS } from '@/model';
import { Button } from '@/ui/button';
import { Check } from '@/ui/check';
import { ParsedField } from '@/ui/field';
import { RoleIcon } from '@/ui/role-mark';
import { Segmented } from '@/ui/segmented';
import { METER_SCALE_NAMES, stopsFigure } from '@/words';
import { ApertureField, IsoField } from '../../exposure-fields';
import { type Metered, parseMetered } from '../../parse';
import { ROLE_NAMES } from '../roles';
import { useStand } from '../stand-context';
import { Doubts } from './doubts';
import { PictureMeterChoice } from './picture-meter-choice';
import { ReadThrough } from './read-through';
import { useMeter } from './use-meter';
import { useUsualLand } from './use-usual-land';

/** The reading that is being entered: role, place, and what the meter showed. */
export function NewReading() {
  const { stand, draft, setDraft, select } = useStand();
  const meter = useMeter();
  const { aperture, iso, through, setThrough, isFull, take } = meter;
  const [scale, setScale] = useState<MeterScale>('shutter');
  const [metered, setMetered] = useState<Metered | null>(null);
  const [round, setRound] = useState(0);
  const complete = !isFull && metered !== null;
  const add = () => {
    if (!complete) return;
    take('ev100' in metered ? metered : { aperture, iso, shutter: metered.kept });
    setDraft({ role: draft.role === 'land' ? 'sky' : draft.role, place: null, limit: false });
    setMetered(null);
    setRound(round + 1);
    select(null);
  };
  const settings = { aperture: exactAperture(aperture), iso: exactIso(iso) };
  const shown =
    metered && ('ev100' in metered ? metered.ev100 : ev100({ ...settings, seconds: metered.seconds }));
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
      <PictureMeterChoice />
      <DraftPlace />
      <Segmented<MeterScale>
        label="What the meter shows"
        value={scale}
        options={METER_SCALES.map((value) => ({ value, text: METER_SCALE_NAMES[value] }))}
        onValue={(next) => {
          setScale(next);
          setMetered(null);
          setRound(round + 1);
        }}
      />
      <div className={scale === 'shutter' ? 'grid grid-cols-[1fr_1.5fr_1fr] gap-2' : ''}>
        {scale === 'shutter' && <ApertureField value={aperture} onValue={meter.setAperture} />}
        <MeteredField key={round} scale={scale} settings={settings} onMetered={setMetered} onEnter={add} />
        {scale === 'shutter' && <IsoField value={iso} onValue={meter.setIso} />}
      </div>
      {metered && (
        <Doubts
          doubts={doubtsOf(
            {
              role: draft.role,
              limit: draft.limit,
              ...('ev100' in metered ? metered : { aperture, iso, shutter: metered.kept }),
            },
            stand,
          )}
        />
      )}
      <Check isOn={draft.limit} onChange={(limit) => setDraft({ ...draft, limit })}>
        This one is to be held (key H)
      </Check>
      <ReadThrough {...through} onChange={setThrough} />
      <Button kind="action" className="w-full" disabled={!complete} onClick={add}>
        <Plus size={18} aria-hidden />
        Add {draft.role} reading{shown === null ? '' : `, EV ${stopsFigure(shown)}`}
      </Button>
      {isFull && <p className="text-sm text-quiet">A stand holds {MAX_READINGS} readings at most.</p>}
    </section>
  );
}

/** Where the reading will lie. */
function DraftPlace() {
  const { draft, setDraft } = useStand();
  return (
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
  const { stand, draft } = useStand();
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
      id="reading-shutter"
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
    />
  );
}
