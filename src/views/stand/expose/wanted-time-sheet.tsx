import { useMemo, useState } from 'react';
import { type Blur, BLURS, fittedNds, type Stand } from '@/model';
import { blurTimes, type TimeWay, wantedTimes, withTimeWay } from '@/model/expose';
import { Button } from '@/ui/button';
import { Check } from '@/ui/check';
import { ChoiceField } from '@/ui/field';
import {
  BLUR_NAMES,
  BLUR_NOTES,
  noTimeText,
  throughText,
  timeText,
  timeWayNotes,
  EXPOSE_TEXT,
} from '@/words';
import { Streaks } from './streaks';
import { TimeField } from './time-field';
import { usePreferences } from '../../shared/workspace-context';
import { useDerived, useEdit, useStand, useStandBag } from '../session';

/** Ways that are shown before the rest are asked for: so many, and none further off than this, but the best. */
const SHOWN = 4;
const SHOWN_STOPS = 1.5;
const USUAL_WAIT_SECONDS = 240;

type Wanted = NonNullable<Stand['wantedTime']>;

/** Which glass for which time: a look or a time, the longest wait, and the ways to it, best first. */
export function WantedTimeSheet() {
  const stand = useStand();
  const edit = useEdit();
  const wanted = stand.wantedTime;
  const longest = wanted?.longestSeconds ?? USUAL_WAIT_SECONDS;
  const set = (change: Partial<Wanted>) =>
    edit((s) => ({ ...s, wantedTime: { seconds: s.wantedTime?.seconds ?? 1, ...s.wantedTime, ...change } }));
  const liked = usePreferences((p) => p.heeded.liked);
  const setBlur = (blur: Blur | '') => {
    if (blur === '') return;
    const seconds = blur === 'longest' ? longest : (liked[blur] ?? blurTimes(blur, stand)[1]);
    set({ blur, seconds: Number(seconds.toPrecision(2)) });
  };
  return (
    <section aria-labelledby="wanted-time" className="space-y-2.5">
      <h3 id="wanted-time" className="font-semibold">
        Which glass for which time
      </h3>
      <div className="grid grid-cols-2 gap-3">
        <ChoiceField<Blur | ''>
          label="It is to look like"
          className="col-span-2"
          value={wanted?.blur ?? ''}
          options={[['', wanted ? 'a time of my own' : EXPOSE_TEXT.chooseLookTypeTime], ...NAMES]}
          onValue={setBlur}
        />
        <TimeField
          label="About"
          seconds={wanted?.seconds}
          placeholder="4 s, 1:30"
          onSeconds={(seconds) => set({ seconds, blur: undefined })}
        />
        <TimeField
          label="I wait at most"
          seconds={longest}
          onSeconds={(longestSeconds) =>
            set({ longestSeconds, ...(wanted?.blur === 'longest' ? { seconds: longestSeconds } : {}) })
          }
        />
      </div>
      {wanted?.blur && <p className="text-sm text-quiet">{noteOf(wanted.blur, stand)}</p>}
      {wanted?.blur === 'streaks' && <Streaks onSeconds={(seconds) => set({ seconds })} />}
      <DarkFrame />
      {wanted && <Ways wanted={wanted} longestSeconds={longest} />}
    </section>
  );
}

const NAMES = BLURS.map((blur) => [blur, BLUR_NAMES[blur]] as const);

/** From when to when it looks so through this lens. */
function noteOf(blur: Blur, stand: Stand): string {
  if (blur === 'longest') return BLUR_NOTES[blur];
  const [from, , to] = blurTimes(blur, stand);
  return `${timeText(from)} to ${timeText(to)}. ${BLUR_NOTES[blur]}`;
}

/** Whether the camera takes a dark frame after a long exposure: it is asked for once, and goes with the camera. */
function DarkFrame() {
  const has = useStand((s) => s.camera.darkFrame === true);
  const edit = useEdit();
  return (
    <Check
      isOn={has}
      onChange={(on) =>
        edit((s) => {
          const { darkFrame: _, ...camera } = s.camera;
          return { ...s, camera: on ? { ...camera, darkFrame: true } : camera };
        })
      }
    >
      {EXPOSE_TEXT.cameraTakesDarkFrame}
    </Check>
  );
}

function Ways({ wanted, longestSeconds }: { wanted: Wanted; longestSeconds: number }) {
  const stand = useStand();
  const bag = useStandBag();
  const derived = useDerived();
  const [all, setAll] = useState(false);
  const { seconds: wantSeconds } = wanted;
  const { ways, reason } = useMemo(
    () => wantedTimes(stand, bag, derived, { wantSeconds, longestSeconds }),
    [stand, bag, derived, wantSeconds, longestSeconds],
  );
  const shown = all
    ? ways
    : ways.slice(0, SHOWN).filter((w, i) => !i || Math.abs(w.errorStops) <= SHOWN_STOPS);
  return (
    <>
      {reason && <p className="font-semibold">{noTimeText(reason, wantSeconds)}</p>}
      <ol aria-label={EXPOSE_TEXT.waysTimeBestFirst} className="border-t border-rule">
        {shown.map((way) => (
          <Way key={way.filterIds.join(' ')} way={way} />
        ))}
      </ol>
      {shown.length < ways.length && (
        <Button kind="quiet" className="w-full" onClick={() => setAll(true)}>
          {ways.length - shown.length} more
        </Button>
      )}
    </>
  );
}

/** A way to the time; pressed, its glass goes on the lens, and aperture and ISO are set. */
function Way({ way }: { way: TimeWay }) {
  const stand = useStand();
  const bag = useStandBag();
  const edit = useEdit();
  const on = fittedNds(stand, bag);
  const { aperture, iso } = stand.exposure;
  const isSet =
    way.aperture === aperture &&
    way.iso === iso &&
    way.filterIds.length === on.length &&
    way.filterIds.every((id) => on.includes(id));
  const notes = timeWayNotes(way, stand);
  return (
    <li className="border-b border-rule">
      <button
        type="button"
        aria-pressed={isSet}
        className={`grid min-h-11 w-full grid-cols-[minmax(0,1fr)_auto] gap-x-3 px-2 py-2 text-left hover:bg-chosen ${isSet ? 'bg-chosen' : ''}`}
        onClick={() => edit((s) => withTimeWay(s, bag, way))}
      >
        <span className="font-semibold">
          {way.filterIds.length ? throughText(way.filterIds, bag) : 'No ND'}
          {`, f/${way.aperture}`}
          {way.iso !== iso && `, ISO ${way.iso}`}
        </span>
        <span className="font-mono text-lg font-semibold">{timeText(way.seconds)}</span>
        {notes.length > 0 && <span className="col-span-2 text-sm text-quiet">{notes.join('; ')}</span>}
      </button>
    </li>
  );
}
