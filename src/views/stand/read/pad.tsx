import { useState } from 'react';
import { secondsForEv } from '@/core/exposure';
import { exactAperture, exactIso, type Mark, shutterMarksRound } from '@/core/units';
import { type Role } from '@/core/field';
import { changeReading, guessEv, lastReading, meteredEv, readingMinutes } from '@/model';
import { Button } from '@/ui/button';
import { ParsedField } from '@/ui/field';
import { RoleIcon } from '@/ui/role-mark';
import { ageText, stopsText, timeText } from '@/words';
import { ApertureField, IsoField } from '../../exposure-fields';
import { parseShutter, type TypedShutter } from '../../parse';
import { Figure } from '../figure';
import { ROLE_NAMES } from '../roles';
import { useStand } from '../stand-context';
import { useNow } from '../use-now';
import { useMeter } from './use-meter';
import { useUsualLand } from './use-usual-land';

/** Marks that the pad offers. */
const MARKS = 7;
const CELL =
  'flex min-h-16 flex-col items-center justify-center rounded-md border border-edge bg-panel font-mono text-[17px] font-semibold active:bg-chosen';

/** The reading that the pad corrects, and the mark round which it does. */
interface Correcting {
  readonly id: string;
  readonly roundSeconds: number;
}

/**
 * Readings by thumb: Land or Sky, then the mark that the meter shows. Seven marks a whole stop apart stand round a guess;
 * after the first tap they are thirds round the mark that was tapped, to correct it.
 */
export function Pad() {
  const { stand, edit, draft, setDraft, select } = useStand();
  const { aperture, iso, setAperture, setIso, isFull, take } = useMeter();
  const usualLand = useUsualLand();
  const [correcting, setCorrecting] = useState<Correcting | null>(null);
  const [shiftThirds, setShift] = useState(0);
  const [typing, setTyping] = useState(false);
  const [settings, setSettings] = useState(false);

  const { role } = draft;
  const own = stand.readings.find((r) => r.id === correcting?.id && r.role === role);
  const secondsFor = (ev: number) =>
    secondsForEv(ev, { aperture: exactAperture(aperture), iso: exactIso(iso) });
  const guess = secondsFor(guessEv(role, stand, usualLand));
  const thirds = own ? 1 : 3;
  const centre = own && correcting ? correcting.roundSeconds : guess;
  const marks = shutterMarksRound(centre * 2 ** (-shiftThirds / 3), thirds, MARKS);
  const nearest = (seconds: number) =>
    marks.reduce((best, m) =>
      Math.abs(Math.log2(m.exact / seconds)) < Math.abs(Math.log2(best.exact / seconds)) ? m : best,
    );
  const read = own ? secondsFor(meteredEv(own)) : null;
  const chosen = nearest(read ?? guess);

  const turnTo = (next: Role) => {
    setDraft({ ...draft, role: next });
    const before = lastReading(stand, next);
    setCorrecting(
      before?.shutter === undefined ? null : { id: before.id, roundSeconds: secondsFor(meteredEv(before)) },
    );
    setShift(0);
    setTyping(false);
    select(null);
  };
  const enter = (shutter: string | number, seconds: number) => {
    if (own)
      edit((s) => changeReading(s, own.id, { shutter, aperture, iso, takenAt: new Date().toISOString() }));
    else {
      setCorrecting({ id: take({ aperture, iso, shutter }), roundSeconds: seconds });
      setShift(0);
    }
  };

  return (
    <section aria-label="New reading" className="space-y-2 pt-2">
      <div className="flex items-center gap-3 text-sm text-quiet">
        <button
          type="button"
          aria-expanded={settings}
          className="min-h-11 text-left"
          onClick={() => setSettings(!settings)}
        >
          f/{aperture}, ISO {iso}{' '}
          <span className="underline underline-offset-4">{settings ? 'done' : 'change'}</span>
        </button>
        <SpanOrNext />
      </div>
      {settings && (
        <div className="grid grid-cols-2 gap-2 pb-1">
          <ApertureField value={aperture} onValue={setAperture} />
          <IsoField value={iso} onValue={setIso} />
        </div>
      )}
      <div className="grid grid-cols-2 gap-2" role="group" aria-label="What is read">
        <RoleButton role="land" current={role === 'land'} onTap={turnTo} />
        <RoleButton role="sky" current={role === 'sky'} onTap={turnTo} />
      </div>
      {draft.place && (
        <p className="flex min-h-11 items-center text-sm text-quiet">
          <span className="flex-1">
            The {role} spot lies {Math.round(draft.place.u * 100)} % across, {Math.round(draft.place.v * 100)}{' '}
            % down.
          </span>
          <Button kind="quiet" onClick={() => setDraft({ ...draft, place: null })}>
            No place
          </Button>
        </p>
      )}
      <div className="grid grid-cols-4 gap-2" role="group" aria-label={padLabel(role, !!own)}>
        {marks.map((mark) => (
          <button
            key={mark.name}
            type="button"
            disabled={isFull && !own}
            aria-pressed={own ? mark === chosen : undefined}
            className={`${CELL} ${mark === chosen ? 'border-action! bg-action! text-on-action' : ''}`}
            onClick={() => enter(mark.name, mark.exact)}
          >
            {markText(mark)}
            {mark === chosen && (
              <span className="font-sans text-xs font-normal">{own ? 'as read' : 'guess'}</span>
            )}
          </button>
        ))}
        <button
          type="button"
          aria-expanded={typing}
          className={`${CELL} bg-chosen! font-sans!`}
          onClick={() => setTyping(!typing)}
        >
          Type
        </button>
      </div>
      {typing && (
        <TypedShutterField
          role={role}
          onTake={({ kept, seconds }) => {
            enter(kept, seconds);
            setTyping(false);
          }}
        />
      )}
      <div className="grid grid-cols-2 gap-2">
        <Button onClick={() => setShift(shiftThirds - thirds * (MARKS - 1))}>‹ longer times</Button>
        <Button onClick={() => setShift(shiftThirds + thirds * (MARKS - 1))}>shorter times ›</Button>
      </div>
      {own && (
        <Button className="w-full" onClick={() => setCorrecting(null)}>
          Read the {role} again, as a further reading
        </Button>
      )}
    </section>
  );
}

const padLabel = (role: Role, correcting: boolean): string =>
  correcting ? `Correct the ${role} reading by thirds` : `Mark of the ${role} reading`;

/** A time that is on none of the marks. */
function TypedShutterField({ role, onTake }: { role: Role; onTake: (shutter: TypedShutter) => void }) {
  const [typed, setTyped] = useState<TypedShutter | null>(null);
  const take = () => typed && onTake(typed);
  return (
    <div className="grid grid-cols-[1fr_auto] items-start gap-2">
      <ParsedField
        label={`Shutter of the ${role} reading`}
        hideLabel
        autoFocus
        keepDraft
        placeholder="250"
        text=""
        parse={parseShutter}
        hint="250 is 1/250; seconds as 2s"
        onValue={setTyped}
        onRefused={() => setTyped(null)}
        onEnter={take}
      />
      <Button kind="action" disabled={!typed} onClick={take}>
        Take it
      </Button>
    </div>
  );
}

/** A mark as it stands on the camera: without its unit where it is a fraction. */
const markText = ({ name }: Mark): string => (name.includes('/') ? name : `${name} s`);

/** The span, or what is to be read for it. */
function SpanOrNext() {
  const { stand, derived } = useStand();
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

interface RoleButtonProps {
  role: Role;
  current: boolean;
  onTap: (role: Role) => void;
}

function RoleButton({ role, current, onTap }: RoleButtonProps) {
  const { stand } = useStand();
  const now = useNow();
  const reading = lastReading(stand, role);
  const minutes = reading && readingMinutes(reading, now);
  const name = role === 'sky' && stand.skyName ? stand.skyName : ROLE_NAMES[role];
  const about = reading
    ? [
        typeof reading.shutter === 'string'
          ? reading.shutter
          : reading.shutter !== undefined
            ? timeText(reading.shutter)
            : `EV ${meteredEv(reading).toFixed(1)}`,
        minutes != null && (minutes < 1 ? 'just now' : `${ageText(minutes)} ago`),
      ]
        .filter(Boolean)
        .join(' · ')
    : 'not read yet';
  return (
    <button
      type="button"
      aria-pressed={current}
      onClick={() => onTap(role)}
      className={`flex min-h-[72px] items-center gap-3 rounded-md border-2 bg-panel px-4 text-left active:bg-chosen ${current ? 'border-action' : 'border-edge'}`}
    >
      <RoleIcon role={role} size={20} />
      <span className="min-w-0">
        <span className="block truncate text-lg font-semibold">{name}</span>
        <span className="block truncate text-sm text-quiet">{about}</span>
      </span>
    </button>
  );
}
