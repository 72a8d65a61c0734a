import { Check } from '@/ui/check';
import { Stepper } from '@/ui/stepper';
import { useZoomSteps } from '../picture/use-zoom-steps';
import { MOST_TIMES, ZOOM_STEP } from '../picture/zoom';
import { useStand } from '../stand-context';

/** How the frame is shown: nothing of it changes the stand. */
export function Shown() {
  const { zoom, isMonochrome, setMonochrome, marksClips, setMarksClips, showsGrid, setShowsGrid } =
    useStand();
  const { lookCloser } = useZoomSteps();
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
        canLess={zoom.times > 1}
        canMore={zoom.times < MOST_TIMES}
        onStep={(way) => lookCloser(ZOOM_STEP ** way)}
      >
        <span className="font-mono">{zoom.times === 1 ? 'whole' : `${zoom.times.toFixed(1)}×`}</span>
      </Stepper>
    </section>
  );
}
