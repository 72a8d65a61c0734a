import { Check as Tick, RotateCcw, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { toast } from 'sonner';
import {
  type Stand,
  type Take,
  takeNumber,
  takenUpAgain,
  shotOtherwise,
  type Verdict,
  VERDICTS,
  withoutTake,
  withStand,
  withTakeAs,
  withTakeBack,
  seenOf,
} from '@/model';
import { Button } from '@/ui/button';
import { Fold } from '@/ui/fold';
import { ParsedField } from '@/ui/field';
import { Segmented } from '@/ui/segmented';
import {
  departureText,
  exposureText,
  momentText,
  seenText,
  takeGlassText,
  takeSettingsText,
  VERDICT_NAMES,
  CHECK_TEXT,
} from '@/words';
import { ApertureField, IsoField } from '../../shared/exposure-fields';
import { parseShutter } from '../../shared/parse';
import { useEdit, useOpenStand, useStand, useStandBag } from '../session';
import { Compared } from './compared';
import { TakePicture } from './take-picture';

/** Pictures of the row, px. */
const SIDE = 104;

/** Changes what is kept of shots: a record, that no undo takes back. */
function useRecord(): (change: (stand: Stand) => Stand) => void {
  const { kept, ownBag } = useOpenStand();
  return (change) => kept.record((document) => withStand(document, change(document.stand), ownBag()));
}

/** The shots of the stand as a row of small pictures, the last first; one that is chosen is told of below. */
export function Shots() {
  const takes = useStand((s) => s.takes);
  const [chosenId, setChosen] = useState<string | null>(null);
  const stand = useStand();
  if (!takes?.length) return null;
  const chosen = takes.find((t) => t.id === chosenId);
  return (
    <section aria-label="Shots" className="space-y-2 border-t border-rule pt-3">
      <h4 className="text-sm text-quiet">{CHECK_TEXT.shotsPlanWouldThem}</h4>
      <ol className="-mx-1 flex gap-2 overflow-x-auto px-1 pb-1">
        {takes.toReversed().map((take) => (
          <li key={take.id}>
            <button
              type="button"
              aria-pressed={take.id === chosenId}
              className="rounded-sm border-2 border-transparent p-0.5 text-left text-sm aria-pressed:border-action"
              onClick={() => setChosen(take.id === chosenId ? null : take.id)}
            >
              <TakePicture take={take} side={SIDE} />
              <span className="flex items-center gap-1">
                {takeNumber(stand, take.id)} · {exposureText(take.exposure.seconds)}
                <VerdictMark verdict={take.verdict} />
              </span>
            </button>
          </li>
        ))}
      </ol>
      {chosen && <Shot key={chosen.id} take={chosen} onGone={() => setChosen(null)} />}
    </section>
  );
}

function VerdictMark({ verdict }: { verdict: Verdict | undefined }) {
  if (!verdict) return null;
  const Icon = verdict === 'keep' ? Tick : RotateCcw;
  return (
    <span className="text-action" title={VERDICT_NAMES[verdict]}>
      <Icon size={14} aria-hidden />
      <span className="sr-only">{VERDICT_NAMES[verdict]}</span>
    </span>
  );
}

/** Everything about one shot, and what can be done with it. */
function Shot({ take, onGone }: { take: Take; onGone: () => void }) {
  const stand = useStand();
  const edit = useEdit();
  const record = useRecord();
  const change = (next: Partial<Take>) => record((s) => withTakeAs(s, take.id, (t) => ({ ...t, ...next })));
  const last = stand.takes?.at(-1);
  const other = last?.id === take.id ? stand.takes?.at(-2) : last;
  const remove = () => {
    const was = stand;
    record((s) => withoutTake(s, take.id));
    onGone();
    toast(`Shot ${takeNumber(was, take.id)} is removed.`, {
      action: { label: 'Put it back', onClick: () => record((s) => withTakeBack(s, was, take.id)) },
      duration: 10_000,
    });
  };
  return (
    <div className="space-y-3 border-l-4 border-edge pl-3">
      <ShotHead take={take} />
      <Segmented<Verdict | 'none'>
        label="Verdict"
        value={take.verdict ?? 'none'}
        options={[
          { value: 'none', text: 'open' },
          ...VERDICTS.map((value) => ({ value, text: VERDICT_NAMES[value] })),
        ]}
        onValue={(value) => change({ verdict: value === 'none' ? undefined : value })}
      />
      <ShotNote note={take.note ?? ''} onNote={(note) => change({ note: note || undefined })} />
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => edit((s) => takenUpAgain(s, take))}>Take it up again</Button>
        <Button kind="quiet" onClick={remove}>
          <Trash2 size={18} aria-hidden /> Remove
        </Button>
      </div>
      <Fold summary="Not as planned">
        <ShotSettings
          take={take}
          onExposure={(exposure) => record((s) => shotOtherwise(s, take.id, exposure))}
        />
      </Fold>
      {other && (
        <Fold summary={`Compare with shot ${takeNumber(stand, other.id)}`}>
          <Compared first={take} second={other} />
        </Fold>
      )}
    </div>
  );
}

function ShotNote({ note, onNote }: { note: string; onNote: (note: string) => void }) {
  return (
    <label className="block">
      <span className="text-sm text-quiet">Note</span>
      <textarea
        rows={2}
        maxLength={2000}
        defaultValue={note}
        className="mt-1 w-full rounded-md border border-edge bg-panel p-2"
        onBlur={(e) => {
          const typed = e.target.value.trim();
          if (typed !== note) onNote(typed);
        }}
      />
    </label>
  );
}

/** When and how a shot was made, by how much it departs from its plan, and what it showed. */
function ShotHead({ take }: { take: Take }) {
  const stand = useStand();
  const bag = useStandBag();
  const showed = seenOf(stand, take);
  const departs = departureText(take);
  return (
    <p>
      <span className="font-semibold">
        Shot {takeNumber(stand, take.id)}, {momentText(take.takenAt)}
      </span>
      <br />
      {takeSettingsText(take)}; {takeGlassText(take, bag)}
      {take.file && <span className="block text-sm text-quiet">{take.file.name}</span>}
      {departs && <span className="block font-semibold">{departs}</span>}
      {showed.length > 0 && (
        <span className="block text-sm text-quiet">Showed: {showed.map(seenText).join('; ')}</span>
      )}
    </p>
  );
}

/** The settings that a shot was really made with. */
function ShotSettings({
  take,
  onExposure,
}: {
  take: Take;
  onExposure: (exposure: Take['exposure']) => void;
}) {
  const { aperture, iso, seconds } = take.exposure;
  return (
    <div className="grid grid-cols-3 gap-2 pb-2">
      <ApertureField value={aperture} onValue={(next) => onExposure({ ...take.exposure, aperture: next })} />
      <ParsedField
        label="Shutter"
        text={exposureText(seconds)}
        parse={parseShutter}
        onValue={({ seconds: next }) => onExposure({ ...take.exposure, seconds: next })}
      />
      <IsoField value={iso} onValue={(next) => onExposure({ ...take.exposure, iso: next })} />
    </div>
  );
}
