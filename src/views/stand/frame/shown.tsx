import { Check } from '@/ui/check';
import { Stepper } from '@/ui/stepper';
import { useLookCloser } from '../canvas/zoom/use-look-closer';
import { MOST_TIMES, ZOOM_STEP } from '../session/zoom';
import { useFrameLook, useSession } from '../session';

/** How the frame is shown: nothing of it changes the stand. */
export function Shown() {
  const times = useSession((s) => s.zoom.times);
  const { isMonochrome, setMonochrome, marksClips, setMarksClips, showsGrid, setShowsGrid } = useFrameLook();
  const lookCloser = useLookCloser();
  return (
    <section aria-label="How the frame is shown">
      <h3 className="font-semibold">How the frame is shown</h3>
      <div className="grid grid-cols-2">
        <Check isOn={isMonochrome} onChange={setMonochrome}>
          Without colours
        </Check>
        <Check isOn={marksClips} onChange={setMarksClips}>
          Mark what clips
        </Check>
        <Check isOn={showsGrid} onChange={setShowsGrid}>
          Level grid
        </Check>
      </div>
      <Stepper
        label="Looked at closely"
        less="Look from farther"
        more="Look closer"
        canLess={times > 1}
        canMore={times < MOST_TIMES}
        onStep={(way) => lookCloser(ZOOM_STEP ** way)}
      >
        <span className="font-mono">{times === 1 ? 'whole' : `${times.toFixed(1)}×`}</span>
      </Stepper>
    </section>
  );
}
