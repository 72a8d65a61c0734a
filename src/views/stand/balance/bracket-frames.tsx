import { type BracketWish, isWithin, ROW_FRAMES, rowOf } from '@/model';
import { Check } from '@/ui/check';
import { Segmented } from '@/ui/segmented';
import { Stepper } from '@/ui/stepper';
import { bracketFrameText, bracketNotes, offsetText, stopsText, thirdsText, BALANCE_TEXT } from '@/words';
import { Figure } from '../parts/figure';
import { useDerived, useEdit, useSession, useStand, useStandBag } from '../session';

/** How the frames are chosen, and the exposures, darkest picture first. */
export function BracketFrames() {
  const derived = useDerived();
  const stand = useStand();
  const { bracket } = derived;
  return (
    <section aria-label="Bracket" className="space-y-2">
      <BracketChoice />
      {bracket?.ok && (
        <>
          <Frames />
          {bracketNotes(bracket, stand).map((note) => (
            <p key={note} className="text-sm">
              {note}
            </p>
          ))}
          <p className="text-sm text-quiet">
            <Figure of="expose">Reach {stopsText(bracket.reachStops)}</Figure>, a frame holds{' '}
            {stopsText(bracket.windowStops)} with its margins. Keep f/{stand.exposure.aperture} and the focus
            {stand.bracket?.alike ? '.' : `, and ISO ${stand.exposure.iso}; only the time changes.`}
          </p>
        </>
      )}
    </section>
  );
}

const STEP_STOPS = 1 / 3;

/** As few frames as hold everything, a row of the camera's own, or one for each side; and whether the time may change. */
function BracketChoice() {
  const wish = useStand((s) => s.bracket) ?? {};
  const edit = useEdit();
  const set = (change: Partial<BracketWish>) => {
    const { by, frames, stepStops, alike } = { ...wish, ...change };
    const next = {
      ...(by && { by }),
      ...(by === 'row' && { frames, stepStops }),
      ...(alike && { alike }),
    };
    edit(({ bracket: _, ...stand }) => (Object.keys(next).length ? { ...stand, bracket: next } : stand));
  };
  const row = rowOf(wish);
  const offered: readonly number[] = ROW_FRAMES;
  const at = offered.indexOf(row.frames);
  const stepped = (way: number) => Math.round((row.stepStops + way * STEP_STOPS) * 3) / 3;
  return (
    <div className="space-y-2">
      <Segmented<'cover' | 'row' | 'sides'>
        label="Frames"
        value={wish.by ?? 'cover'}
        options={[
          { value: 'cover', text: 'As needed' },
          { value: 'row', text: "Camera's row" },
          { value: 'sides', text: 'Sky, then land' },
        ]}
        onValue={(by) => set(by === 'row' ? { by, ...row } : { by: by === 'cover' ? undefined : by })}
      />
      {wish.by === 'row' && (
        <div className="grid gap-3 sm:grid-cols-2">
          <Stepper
            label="Frames in the row"
            less="Fewer frames"
            more="More frames"
            canLess={at > 0}
            canMore={at < offered.length - 1}
            onStep={(way) => set({ frames: offered[at + way] ?? row.frames })}
          >
            {row.frames}
          </Stepper>
          <Stepper
            label="Apart by"
            less="A third closer"
            more="A third wider"
            canLess={isWithin('bracketStepStops', stepped(-1))}
            canMore={isWithin('bracketStepStops', stepped(1))}
            onStep={(way) => set({ stepStops: stepped(way) })}
          >
            {thirdsText(row.stepStops)} <span className="text-sm font-normal text-quiet">stops</span>
          </Stepper>
        </div>
      )}
      <Check isOn={!!wish.alike} onChange={(on) => set({ alike: on || undefined })}>
        {BALANCE_TEXT.alikeBlurTimeStays}
      </Check>
    </div>
  );
}

function Frames() {
  const { bracket } = useDerived();
  const stand = useStand();
  const bag = useStandBag();
  const shown = useSession((s) => s.bracketFrame);
  const showBracketFrame = useSession((s) => s.showBracketFrame);
  if (!bracket?.ok) return null;
  return (
    <ol className="border-t border-rule" aria-label="Exposures, darkest picture first">
      {bracket.frames.map((frame, i) => (
        <li key={i} className="border-b border-rule">
          <button
            type="button"
            aria-pressed={i === shown}
            title="Show it in the frame"
            onClick={() => showBracketFrame(i)}
            className={`grid min-h-11 w-full grid-cols-[auto_minmax(0,1fr)] items-baseline gap-x-3 px-2 py-2 text-left hover:bg-chosen ${i === shown ? 'bg-chosen' : ''}`}
          >
            <span className="w-5 font-mono text-sm text-quiet">{i + 1}</span>
            <span className="text-xl font-semibold">{bracketFrameText(frame, stand, bag)}</span>
            <span className="col-start-2 text-sm text-quiet">
              {frame.offsetStops === null ? '' : offsetText(frame.offsetStops)}
            </span>
          </button>
        </li>
      ))}
    </ol>
  );
}
