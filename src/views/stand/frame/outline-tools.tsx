import { X } from 'lucide-react';
import { addShape, type Brush } from '@/model';
import { Button } from '@/ui/button';
import { Segmented } from '@/ui/segmented';
import { Stepper } from '@/ui/stepper';
import { useTouch } from '@/ui/use-media';
import { percentText, FRAME_TEXT } from '@/words';
import { useNewId } from '../../shared/workspace-context';
import { useEdit, useSession } from '../session';

/** Half widths of the brush, parts of the frame's longer side. */
const RADII = [0.01, 0.015, 0.025, 0.04, 0.06, 0.1];
const FIRST_BRUSH: Brush = { radius: 0.025, wipes: false };

/** While a shape is being outlined: by what, what to do, and the ways to end. */
export function OutlineTools() {
  const edit = useEdit();
  const outline = useSession((s) => s.outline);
  const setOutline = useSession((s) => s.setOutline);
  const brush = useSession((s) => s.brush);
  const setBrush = useSession((s) => s.setBrush);
  const select = useSession((s) => s.select);
  const newId = useNewId();
  const byTouch = useTouch();
  if (!outline) return null;
  const finish = () => {
    const id = newId('s');
    edit((s) => addShape(s, id, outline));
    setOutline(null);
    select({ kind: 'shape', id });
  };
  return (
    <div className="mt-2 space-y-2 rounded-md border border-action p-3">
      <Segmented<'corners' | 'brush'>
        label="Outline by"
        value={brush ? 'brush' : 'corners'}
        options={[
          { value: 'corners', text: 'Corners' },
          { value: 'brush', text: 'Brush' },
        ]}
        onValue={(by) => setBrush(by === 'brush' ? FIRST_BRUSH : null)}
      />
      {brush && <BrushTools brush={brush} />}
      <p role="status">
        {brush ? brushText(outline.length > 0, byTouch) : cornersText(outline.length, byTouch)}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button kind="action" disabled={outline.length < 3} onClick={finish}>
          Close the shape
        </Button>
        {brush ? (
          <Button disabled={!outline.length} onClick={() => setOutline([])}>
            Begin again
          </Button>
        ) : (
          <Button disabled={!outline.length} onClick={() => setOutline(outline.slice(0, -1))}>
            Take back a corner
          </Button>
        )}
        <Button kind="quiet" onClick={() => setOutline(null)}>
          <X size={18} aria-hidden /> Give up
        </Button>
      </div>
    </div>
  );
}

function BrushTools({ brush }: { brush: Brush }) {
  const setBrush = useSession((s) => s.setBrush);
  const at = RADII.indexOf(brush.radius);
  return (
    <>
      <Segmented<'paint' | 'wipe'>
        label="What the brush does"
        value={brush.wipes ? 'wipe' : 'paint'}
        options={[
          { value: 'paint', text: 'Paint' },
          { value: 'wipe', text: 'Wipe out' },
        ]}
        onValue={(does) => setBrush({ ...brush, wipes: does === 'wipe' })}
      />
      <Stepper
        label="Width of the brush"
        less="Narrower"
        more="Wider"
        canLess={at > 0}
        canMore={at < RADII.length - 1}
        onStep={(way) => setBrush({ ...brush, radius: RADII[at + way] ?? brush.radius })}
      >
        {percentText(2 * brush.radius)} <span className="text-sm font-normal text-quiet">of the frame</span>
      </Stepper>
    </>
  );
}

const brushText = (isBegun: boolean, byTouch: boolean): string =>
  isBegun ? FRAME_TEXT.goBrushingSeveralPieces : FRAME_TEXT.brushOverFrame(byTouch);

function cornersText(count: number, byTouch: boolean): string {
  if (!count) return byTouch ? FRAME_TEXT.drawRoundFrameTap : FRAME_TEXT.drawRoundFrameClick;
  return `${count} ${count === 1 ? 'corner' : 'corners'} set${count < 3 ? '; three make a shape' : ''}.`;
}
