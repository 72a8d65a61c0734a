import { ArrowDown, ArrowUp, Plus, Trash2 } from 'lucide-react';
import { Link, useNavigate } from 'react-router';
import { bagForStand } from '@/model';
import {
  type Framing,
  framingOf,
  movedFraming,
  putFraming,
  removeFraming,
  standOfFraming,
} from '@/model/outing';
import { hourOf, lightNear, minutesOf, readBefore, type FramingDay, type TideSide } from '@/model/outing';
import { ChoiceField } from '@/ui/field';
import { Check } from '@/ui/check';
import { Fold } from '@/ui/fold';
import { Button } from '@/ui/button';
import { dayText, stopsFigure, OUTING_TEXT } from '@/words';
import { expectedSpanText, minutesText, framingLightText, framingName, waterText } from '@/words/outing';
import { NameField } from '../shared/name-field';
import { QuantityField } from '../shared/quantity-field';
import { standKey } from '../shared/stand-path';
import { useBag, useNewId, useWorkspace, useWorkspaceState } from '../shared/workspace-context';
import { useOuting } from './use-outing';

/** The framings in their turn, each with its hours, what the day's light does there, and what it wants of the water. */
export function Framings() {
  const { outing } = useOuting();
  return (
    <section aria-labelledby="framings">
      <h2 id="framings" className="mb-2 text-lg font-semibold">
        Framings, in their turn
      </h2>
      {outing.framings.length === 0 && <p className="mb-2 text-quiet">{OUTING_TEXT.addStandsMeantDay}</p>}
      <ol className="border-t border-rule empty:hidden">
        {outing.framings.map((framing, i) => (
          <FramingRow key={framing.id} framing={framing} index={i} />
        ))}
      </ol>
      <AddFraming />
    </section>
  );
}

function FramingRow({ framing, index }: { framing: Framing; index: number }) {
  const { outing, edit, day } = useOuting();
  const { base } = useWorkspace();
  const known = day?.framings[index];
  const timed = day?.schedule?.framings[index];
  const name = framingName(framing);
  const at = (ms: number) => hourOf(ms, outing.zone);
  return (
    <li className="border-b border-rule py-2">
      <div className="flex items-start gap-2">
        <div className="min-w-0 flex-1">
          <p className="flex flex-wrap items-baseline gap-x-3">
            {timed && (
              <span className="font-mono">
                {at(timed.fromMs)}–{at(timed.toMs)}
              </span>
            )}
            {known?.stand ? (
              <Link
                to={`${base}/stands/${standKey(known.stand.id)}`}
                className="font-semibold underline underline-offset-4"
              >
                {name}
              </Link>
            ) : (
              <span className="font-semibold">{name}</span>
            )}
            {framing.standId !== undefined && known && !known.stand && (
              <span className="text-sm text-quiet">its stand is not here</span>
            )}
          </p>
          {known && <LightOf known={known} atMs={timed?.fromMs ?? null} />}
        </div>
        <button
          type="button"
          aria-label={`${name} earlier`}
          disabled={index === 0}
          className="flex size-11 items-center justify-center rounded-md hover:bg-chosen disabled:opacity-35"
          onClick={() => edit((o) => movedFraming(o, framing.id, -1))}
        >
          <ArrowUp size={18} aria-hidden />
        </button>
        <button
          type="button"
          aria-label={`${name} later`}
          disabled={index === outing.framings.length - 1}
          className="flex size-11 items-center justify-center rounded-md hover:bg-chosen disabled:opacity-35"
          onClick={() => edit((o) => movedFraming(o, framing.id, 1))}
        >
          <ArrowDown size={18} aria-hidden />
        </button>
      </div>
      <Fold summary="Direction, walk, stay and water">
        {() => <FramingFields framing={framing} known={known ?? null} />}
      </Fold>
    </li>
  );
}

/** What the day's light does at a framing: in its own hour where that is known, else at the moments that stand out. */
function LightOf({ known: { light, stand }, atMs }: { known: FramingDay; atMs: number | null }) {
  const { outing, day } = useOuting();
  const { moments, water } = light;
  const own = atMs === null ? null : lightNear(moments, atMs);
  const sunset = day?.events.find((e) => e.kind === 'sunset' || e.kind === 'sunrise');
  const shown = own ?? (sunset ? lightNear(moments, sunset.atMs) : null);
  const { workspace } = useWorkspace();
  const ownBag = useBag();
  const kept = stand && workspace.open(stand.id)?.state.getState().value;
  const before = kept ? readBefore(kept.stand, bagForStand(kept, ownBag)).slice(0, 2) : [];
  return (
    <div className="text-sm text-quiet">
      <p>{framingLightText(light, outing.zone).join(' · ')}</p>
      {shown && (
        <p>
          <span className="text-ink">{hourOf(shown.atMs, outing.zone)}</span>:{' '}
          {expectedSpanText(shown.spanStops, shown.rangeStops)}
          {own ? '' : OUTING_TEXT.sunHorizon}
        </p>
      )}
      {atMs !== null && !own && <p>{OUTING_TEXT.hourNightNothingForecast}</p>}
      {before.length > 0 && (
        <p>
          Read here before:{' '}
          {before.map((r) => `${stopsFigure(r.spanStops)} stops on ${dayText(r.at)}`).join(', ')}
        </p>
      )}
      {water && <p>{waterText(water, outing.zone)}</p>}
    </div>
  );
}

function FramingFields({ framing, known }: { framing: Framing; known: FramingDay | null }) {
  const { edit } = useOuting();
  const set = (change: Partial<Framing>) => edit((o) => putFraming(o, { ...framing, ...change }));
  return (
    <div className="grid grid-cols-2 gap-3 pb-2 desk:grid-cols-3">
      <NameField
        className="col-span-2 desk:col-span-3"
        name={framing.name}
        onName={(name) => set({ name })}
      />
      <ViewFields framing={framing} byStand={known?.stand?.look.viewAzimuthDeg ?? null} set={set} />
      <QuantityField
        label="Walk there"
        quantity="planMinutes"
        unit="min"
        optional
        value={framing.walkMinutes}
        placeholder="0"
        onValue={(walkMinutes) => set({ walkMinutes })}
      />
      <QuantityField
        label="Stay"
        quantity="planMinutes"
        unit="min"
        optional
        value={framing.minutes}
        placeholder={`about ${minutesText(minutesOf({ ...framing, minutes: undefined }, known?.stand ?? null))}`}
        onValue={(minutes) => set({ minutes })}
      />
      <WaterFields tide={framing.tide} onTide={(tide) => set({ tide })} />
      <Check isOn={!!framing.done} onChange={(on) => set({ done: on || undefined })}>
        Done
      </Check>
      {!known?.stand && <BeginStand framing={framing} />}
      <Button
        kind="quiet"
        className="justify-self-start"
        onClick={() => edit((o) => removeFraming(o, framing.id))}
      >
        <Trash2 size={18} aria-hidden /> Not on this outing
      </Button>
    </div>
  );
}

interface ViewProps {
  readonly framing: Framing;
  /** The direction that its stand has, degrees; null where it has none. */
  readonly byStand: number | null;
  readonly set: (change: Partial<Framing>) => void;
}

/** Where a framing looks to, and over what. */
function ViewFields({ framing, byStand, set }: ViewProps) {
  return (
    <>
      <QuantityField
        label="Looks to"
        quantity="azimuthDeg"
        unit="°"
        optional
        value={framing.azimuthDeg}
        placeholder={byStand === null ? 'not said' : String(Math.round(byStand))}
        hint={byStand === null ? 'clockwise from north' : 'by its stand, unless typed'}
        onValue={(azimuthDeg) => set({ azimuthDeg })}
      />
      <QuantityField
        label="Foot of its skyline"
        quantity="altitudeDeg"
        unit="° up"
        optional
        value={framing.skylineUpDeg}
        placeholder="0"
        hint="its lowest, over the level"
        onValue={(skylineUpDeg) => set({ skylineUpDeg })}
      />
    </>
  );
}

interface WaterProps {
  readonly tide: Framing['tide'];
  readonly onTide: (tide: Framing['tide']) => void;
}

/** Whether a framing wants the water below a height or above it. */
function WaterFields({ tide, onTide }: WaterProps) {
  return (
    <>
      <ChoiceField<TideSide | ''>
        label="Wants the water"
        value={tide?.side ?? ''}
        options={[
          ['', 'as it comes'],
          ['below', 'below'],
          ['above', 'above'],
        ]}
        onValue={(side) => onTide(side ? { side, heightM: tide?.heightM ?? 1 } : undefined)}
      />
      {tide && (
        <QuantityField
          label="Height"
          quantity="tideM"
          unit="m"
          value={tide.heightM}
          onValue={(heightM) => onTide({ ...tide, heightM })}
        />
      )}
    </>
  );
}

/** Makes a stand of a framing: its place, its direction and its sky are those of the outing, so that its light is guessed from them. */
function BeginStand({ framing }: { framing: Framing }) {
  const { outing, edit } = useOuting();
  const { workspace, base } = useWorkspace();
  const navigate = useNavigate();
  const begin = () => {
    const standId = workspace.createStand();
    workspace.open(standId)?.edit((d) => ({ ...d, stand: standOfFraming(d.stand, outing, framing) }));
    edit((o) => putFraming(o, { ...framing, standId }));
    void navigate(`${base}/stands/${standKey(standId)}`);
  };
  return (
    <Button className="justify-self-start" onClick={begin}>
      <Plus size={18} aria-hidden /> Begin its stand
    </Button>
  );
}

function AddFraming() {
  const { outing, edit, ownPlace } = useOuting();
  const stands = useWorkspaceState((s) => s.stands);
  const newId = useNewId();
  const taken = new Set(outing.framings.map((s) => s.standId));
  const framings = (ownPlace?.framings ?? []).filter((f) => f.standId === undefined || !taken.has(f.standId));
  const free = stands.filter((s) => !taken.has(s.id) && !s.document.stand.archived);
  return (
    <div className="mt-3 flex flex-wrap items-end gap-3">
      <ChoiceField
        label="Add a framing"
        className="min-w-56 flex-1"
        value=""
        options={[
          ['', 'choose a stand…'],
          ['new', OUTING_TEXT.noStandYet],
          ...framings.map((f) => [`framing ${f.id}`, `${f.name || 'framing'}, of this place`] as const),
          ...free.map((s) => [s.id, s.document.stand.name || 'without a name'] as const),
        ]}
        onValue={(id) => {
          const stand = free.find((s) => s.id === id)?.document.stand;
          const ofPlace = framings.find((f) => `framing ${f.id}` === id);
          if (stand) edit((o) => putFraming(o, framingOf(newId('s'), stand)));
          else if (ofPlace) edit((o) => putFraming(o, { ...ofPlace, id: newId('s') }));
          else if (id === 'new') edit((o) => putFraming(o, { id: newId('s'), name: '' }));
        }}
      />
    </div>
  );
}
