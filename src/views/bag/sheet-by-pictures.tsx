import { useEffect, useMemo, useState } from 'react';
import { estimatedPupilToFilterMm, type Lens } from '@/core/optics';
import { exactAperture } from '@/core/units';
import {
  type BagLens,
  frameOf,
  knownPupilMm,
  longerStops,
  offsetForSticksOutMm,
  putLens,
  sheetCast,
  type SheetFilter,
  type SheetFromPair,
  takenCells,
  takenStops,
  FULL_FRAME,
  withCast,
  withMeasured,
  withPupilAt,
  zooms,
} from '@/model';
import { Button } from '@/ui/button';
import { ChoiceField } from '@/ui/field';
import { Fold } from '@/ui/fold';
import {
  BENT_TEXT,
  castText,
  lensText,
  mmFigure,
  SHEET_UNMEASURED,
  sheetMeasuredTexts,
  thingName,
  BAG_TEXT,
} from '@/words';
import { QuantityField } from '../shared/quantity-field';
import { useBag, useWorkspace } from '../shared/workspace-context';
import { PickedPicture } from './picked-picture';
import { type PictureLight, useLight } from './use-light';

/** Cells along the longer side of a picture that a sheet is measured by. */
const CELLS = 48;
interface SheetProps {
  readonly filter: SheetFilter;
  readonly put: (next: SheetFilter) => void;
}

/** Strength, transition, colour and seat of a sheet, all at once by two pictures of one frame, without and with it. */
export function SheetByPictures(props: SheetProps) {
  return (
    <Fold className="col-span-full" summary={BAG_TEXT.measureTwoPicturesWithout}>
      {() => <Pair {...props} />}
    </Fold>
  );
}

type Read = Extract<PictureLight, { phase: 'read' }>;

function Pair({ filter, put }: SheetProps) {
  const [without, takeWithout] = useLight(CELLS);
  const [through, takeThrough] = useLight(CELLS);
  return (
    <div className="space-y-3 pb-3">
      <p className="text-sm text-quiet">{BAG_TEXT.tripodAnythingKeepsStill}</p>
      <div className="grid grid-cols-1 gap-2 md:grid-cols-2">
        <PickedPicture label="Picture without it" light={without} onFile={takeWithout} />
        <PickedPicture label="Picture with it" light={through} onFile={takeThrough} />
      </div>
      {without?.phase === 'read' && through?.phase === 'read' && (
        <Taken key={`${without.name} ${through.name}`} {...{ filter, put, without, through }} />
      )}
    </div>
  );
}

interface TakenProps extends SheetProps {
  readonly without: Read;
  readonly through: Read;
}

/** A lens of the bag, or one that is not there, at a focal length. */
function lensAs(own: BagLens | undefined, focalLengthMm: number, aperture: number): Lens {
  const known = own && knownPupilMm(own, focalLengthMm);
  return {
    focalLengthMm,
    aperture: exactAperture(aperture),
    pupilToFilterMm: known ?? estimatedPupilToFilterMm(focalLengthMm, own?.bulgingFront),
    pupilEstimated: known === undefined,
  };
}

/** What they were taken with, and what follows. */
function Taken({ filter, put, without, through }: TakenProps) {
  const bag = useBag();
  const cameras = (bag.cameras ?? []).filter((c) => !c.archived);
  const lenses = (bag.lenses ?? []).filter((l) => !l.archived);
  const [cameraId, setCameraId] = useState(cameras[0]?.id ?? '');
  const [lensId, setLensId] = useState('');
  const [focalLengthMm, setFocal] = useState(through.tells.focalLengthMm ?? 24);
  const [aperture, setAperture] = useState(through.tells.exposure?.aperture ?? 11);
  const [outMm, setOutMm] = useState<number | undefined>();
  const own = lenses.find((l) => l.id === lensId);
  const camera = cameras.find((c) => c.id === cameraId) ?? FULL_FRAME;
  const { columns, rows } = through.light;
  const frame = frameOf({ ...camera, orientation: columns < rows ? 'portrait' : 'landscape' });
  const lens = lensAs(own, focalLengthMm, aperture);
  const offsetMm = outMm === undefined ? null : offsetForSticksOutMm(filter, outMm, bag.holder);
  return (
    <>
      <div className="grid grid-cols-2 gap-3 md:grid-cols-4">
        {cameras.length > 1 && (
          <ChoiceField
            label="Camera"
            value={cameraId}
            options={cameras.map((c) => [c.id, thingName(c)] as const)}
            onValue={setCameraId}
          />
        )}
        <ChoiceField
          label="Lens"
          value={lensId}
          options={[['', 'another one'] as const, ...lenses.map((l) => [l.id, lensText(l)] as const)]}
          onValue={setLensId}
        />
        <QuantityField
          label="Focal length"
          quantity="focalLengthMm"
          unit="mm"
          value={focalLengthMm}
          onValue={setFocal}
        />
        <QuantityField label="Aperture" quantity="aperture" value={aperture} onValue={setAperture} />
        <QuantityField
          label="It stood above the rail"
          quantity="offsetMm"
          unit="mm"
          optional
          value={outMm}
          placeholder="not read"
          hint={BAG_TEXT.ifReadTellsLenss}
          onValue={setOutMm}
        />
      </div>
      <Found {...{ filter, put, without, through, lens, frame, own, offsetMm }} />
    </>
  );
}

interface FoundProps extends TakenProps {
  readonly lens: Lens;
  readonly frame: { readonly widthMm: number; readonly heightMm: number };
  readonly own: BagLens | undefined;
  /** Where the seam was, by the rail; null where that was not read. */
  readonly offsetMm: number | null;
}

function Found(props: FoundProps) {
  const { filter, put, without, through, own, lens, offsetMm } = props;
  const { workspace } = useWorkspace();
  const { cells, found } = useSheetFromPair(props);
  if (!cells) return <p role="alert">{SHEET_UNMEASURED.shapes}</p>;
  if (found === null) return <p role="status">Being worked out…</p>;
  if (found === 'failed' || !found.ok)
    return <p role="alert">{SHEET_UNMEASURED[found === 'failed' ? 'failed' : found.reason]}</p>;
  const { measured } = found;
  const cast = sheetCast(
    cells,
    cells.map((c) => c.stops - measured.driftStops.value),
  );
  const pupilMm = Math.round(10 * measured.pupilToFilterMm.value) / 10;
  const keepPupil = (kept: BagLens) => {
    const { focalLengthMm } = lens;
    const next = zooms(kept)
      ? withPupilAt(kept, focalLengthMm, pupilMm)
      : { ...kept, pupilToFilterMm: pupilMm };
    workspace.bag.edit((b) => putLens(b, next));
  };
  return (
    <div className="space-y-2">
      <div role="status">
        <ul className="space-y-1">
          {sheetMeasuredTexts(measured, takenStops(filter)).map((text) => (
            <li key={text}>{text}</li>
          ))}
          {cast && <li>{castText(cast)}</li>}
        </ul>
      </div>
      {!(without.isLinear && through.isLinear) && <p className="text-sm text-quiet">{BENT_TEXT}</p>}
      <div className="flex flex-wrap gap-2">
        <Button
          kind="action"
          onClick={() => {
            const next = withMeasured(filter, measured);
            put(cast ? withCast(next, cast) : next);
          }}
        >
          Use what was measured
        </Button>
        {own && offsetMm !== null && (
          <Button onClick={() => keepPupil(own)}>{BAG_TEXT.keepPupilsMmLens(mmFigure(pupilMm))}</Button>
        )}
      </div>
    </div>
  );
}

/** What two pictures took from each other, and the sheet that follows; null while it is being worked out. */
function useSheetFromPair({ without, through, frame, lens, offsetMm }: FoundProps) {
  const { clients } = useWorkspace();
  const [client] = useState(() => clients.measure());
  useEffect(() => () => client.dispose(), [client]);
  const { widthMm, heightMm } = frame;
  const cells = useMemo(
    () =>
      takenCells(
        without.light,
        through.light,
        { widthMm, heightMm },
        longerStops(without.tells, through.tells) ?? 0,
      ),
    [without, through, widthMm, heightMm],
  );
  const asked = JSON.stringify([widthMm, heightMm, lens, offsetMm]);
  const [answer, setAnswer] = useState<{
    readonly asked: string;
    readonly found: SheetFromPair | 'failed';
  } | null>(null);
  useEffect(() => {
    if (!cells) return;
    const pair = { cells, frame: { widthMm, heightMm }, lens, ...(offsetMm === null ? {} : { offsetMm }) };
    void client.request({ of: 'sheet', pair }).then((result) => {
      if (result.type === 'replaced') return;
      const found = result.type === 'done' && result.output.of === 'sheet' ? result.output.found : 'failed';
      setAnswer({ asked, found });
    });
    // the lens and the frame are told by their figures
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [client, cells, asked]);
  return { cells, found: answer?.asked === asked ? answer.found : null };
}
