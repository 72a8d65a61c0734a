import { useState } from 'react';
import { pupilDistanceFromPhotos } from '@/core/optics';
import { frameOf, isWithin } from '@/model';
import { Button } from '@/ui/button';
import { ParsedField } from '@/ui/field';
import { Fold } from '@/ui/fold';
import { mmFigure } from '@/words';
import { parsePercent, parseQuantity } from '../../shared/parse';
import { useEdit, useStand } from '../session';

/** The distance from pupil to filter, solved from two test pictures between which the sheet was slid. */
export function PupilPhotos() {
  const stand = useStand();
  const edit = useEdit();
  const [slidMm, setSlid] = useState<number | null>(null);
  const [movedPart, setMoved] = useState<number | null>(null);
  const { focalLengthMm } = stand.lens;
  const found =
    slidMm && movedPart
      ? pupilDistanceFromPhotos(focalLengthMm, frameOf(stand.camera), { slidMm, movedPart })
      : null;
  const usable = found !== null && isWithin('lengthMm', found);
  return (
    <Fold summary={<>Pupil to filter from two test pictures</>}>
      <p className="mb-2 text-sm text-quiet">
        Take a picture, slide the sheet by some millimetres, take another, and measure how far the seam moved
        up or down in the picture.
      </p>
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
        onClick={() =>
          usable && edit((s) => ({ ...s, lens: { ...s.lens, pupilToFilterMm: Math.round(found * 10) / 10 } }))
        }
      >
        {usable ? `Take ${mmFigure(found)} mm for this lens` : 'Type both to know the distance'}
      </Button>
    </Fold>
  );
}
