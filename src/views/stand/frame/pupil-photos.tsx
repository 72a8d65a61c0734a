import { useState } from 'react';
import { pupilDistanceFromPhotos } from '@/core/optics';
import { frameOf, isMounted, isWithin, putLens, withPupilAt, zooms } from '@/model';
import { Button } from '@/ui/button';
import { ParsedField } from '@/ui/field';
import { Fold } from '@/ui/fold';
import { mmFigure, pupilsText, FRAME_TEXT } from '@/words';
import { parsePercent, parseQuantity } from '../../shared/parse';
import { useBag, useWorkspace } from '../../shared/workspace-context';
import { useEdit, useStand } from '../session';

/** The distance from pupil to filter, solved from two test pictures between which the sheet was slid. */
export function PupilPhotos() {
  const stand = useStand();
  const keep = useKeepPupil();
  const [slidMm, setSlid] = useState<number | null>(null);
  const [movedPart, setMoved] = useState<number | null>(null);
  const { focalLengthMm } = stand.lens;
  const found =
    slidMm && movedPart
      ? pupilDistanceFromPhotos(focalLengthMm, frameOf(stand.camera), { slidMm, movedPart })
      : null;
  const usable = found !== null && isWithin('lengthMm', found);
  return (
    <Fold summary={<>{FRAME_TEXT.pupilFilterTwoTest}</>}>
      <p className="mb-2 text-sm text-quiet">{FRAME_TEXT.takePictureSlideSheet}</p>
      <div className="grid grid-cols-2 gap-3">
        <ParsedField
          label="Sheet slid by"
          unit="mm"
          inputMode="decimal"
          text=""
          keepDraft
          placeholder="10"
          parse={parseQuantity('offsetMm')}
          onValue={setSlid}
          onRefused={() => setSlid(null)}
        />
        <ParsedField
          label="Seam moved by"
          unit="% of the height"
          inputMode="decimal"
          text=""
          keepDraft
          placeholder="20"
          parse={parsePercent}
          onValue={setMoved}
          onRefused={() => setMoved(null)}
        />
      </div>
      <Button
        className="mt-2 w-full"
        disabled={!usable}
        onClick={() => usable && keep(Math.round(found * 10) / 10)}
      >
        {usable ? FRAME_TEXT.takeMmLensMm(mmFigure(found), focalLengthMm) : FRAME_TEXT.typeBothKnowDistance}
      </Button>
      <Known />
    </Fold>
  );
}

/** Keeps what was measured with the stand, and with the lens of the bag that is on it: of a zoom at this focal length. */
function useKeepPupil(): (mm: number) => void {
  const stand = useStand();
  const edit = useEdit();
  const { workspace } = useWorkspace();
  const own = useBag().lenses?.find((lens) => isMounted(lens, stand));
  const { focalLengthMm } = stand.lens;
  return (mm) => {
    const measured = <T extends typeof stand.lens | NonNullable<typeof own>>(lens: T): T =>
      own && !zooms(own) ? { ...lens, pupilToFilterMm: mm } : withPupilAt(lens, focalLengthMm, mm);
    edit((s) => ({ ...s, lens: measured(s.lens) }));
    if (own) workspace.bag.edit((bag) => putLens(bag, measured(own)));
  };
}

/** The focal lengths at which the pupil was measured, and the way back to the estimate. */
function Known() {
  const pupils = useStand((s) => s.lens.pupils);
  const stand = useStand();
  const edit = useEdit();
  const { workspace } = useWorkspace();
  const own = useBag().lenses?.find((lens) => isMounted(lens, stand));
  if (!pupils) return null;
  const forget = () => {
    edit((s) => ({ ...s, lens: { ...s.lens, pupils: undefined } }));
    if (own) workspace.bag.edit((bag) => putLens(bag, { ...own, pupils: undefined }));
  };
  return (
    <div className="mt-2 flex flex-wrap items-center justify-between gap-2 text-sm">
      <p>{pupilsText(pupils)}</p>
      <Button kind="quiet" onClick={forget}>
        Forget what was measured
      </Button>
    </div>
  );
}
