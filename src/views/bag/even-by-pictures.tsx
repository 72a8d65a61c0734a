import { type Filter, evenGlass, longerStops, takenCells, takenStops, withCast } from '@/model';
import { Button } from '@/ui/button';
import { Fold } from '@/ui/fold';
import { BENT_TEXT, castText, SHEET_UNMEASURED, stopsFigure, strengthMeasuredText, BAG_TEXT } from '@/words';
import { PickedPicture } from './picked-picture';
import { type PictureLight, useLight } from './use-light';

/** Cells along the longer side of a picture of something even. */
const CELLS = 60;
/** What the cells' places are told in: parts of the frame. */
const PARTS = { widthMm: 1, heightMm: 1 };

/** Strength and colour of glass that covers the whole frame, by two pictures of a grey patch. */
export function EvenByPictures({ filter, put }: { filter: Filter; put: (next: Filter) => void }) {
  return (
    <Fold className="col-span-full" summary={BAG_TEXT.measureStrengthColourTwo}>
      {() => <Pair filter={filter} put={put} />}
    </Fold>
  );
}

function Pair({ filter, put }: { filter: Filter; put: (next: Filter) => void }) {
  const [without, takeWithout] = useLight(CELLS);
  const [through, takeThrough] = useLight(CELLS);
  return (
    <div className="space-y-3 pb-3">
      <p className="text-sm text-quiet">{BAG_TEXT.greyCardWhiteCloth}</p>
      <div className="grid grid-cols-1 gap-2 md:grid-cols-2">
        <PickedPicture label="Picture without it" light={without} onFile={takeWithout} />
        <PickedPicture label="Picture through it" light={through} onFile={takeThrough} />
      </div>
      {without?.phase === 'read' && through?.phase === 'read' && (
        <Found filter={filter} put={put} without={without} through={through} />
      )}
    </div>
  );
}

type Read = Extract<PictureLight, { phase: 'read' }>;

interface FoundProps {
  readonly filter: Filter;
  readonly put: (next: Filter) => void;
  readonly without: Read;
  readonly through: Read;
}

function Found({ filter, put, without, through }: FoundProps) {
  const longer = longerStops(without.tells, through.tells);
  const cells = takenCells(without.light, through.light, PARTS, longer ?? 0);
  const found = cells && evenGlass(cells);
  if (!found) return <p role="alert">{SHEET_UNMEASURED[cells ? 'too-little' : 'shapes']}</p>;
  const stops = longer === null ? null : Math.round(10 * found.stops.value) / 10;
  const isUsable = stops !== null && stops > 0 && stops <= 20;
  const coloured = withCast(filter, found.cast);
  return (
    <div className="space-y-2">
      <p role="status">
        {stops === null ? BAG_TEXT.picturesDoNotTell : strengthMeasuredText(found.stops, takenStops(filter))}{' '}
        {castText(found.cast)}
      </p>
      {!(without.isLinear && through.isLinear) && <p className="text-sm text-quiet">{BENT_TEXT}</p>}
      <div className="flex flex-wrap gap-2">
        {isUsable && (
          <Button kind="action" onClick={() => put({ ...coloured, measuredStops: stops })}>
            Use {stopsFigure(stops)} stops and the colour
          </Button>
        )}
        <Button onClick={() => put(coloured)}>Use the colour alone</Button>
      </div>
    </div>
  );
}
