import { Fold } from '@/ui/fold';
import { placeFigures, FRAME_TEXT } from '@/words';
import { PlaceInputs } from '../../shared/place-inputs';
import { useEdit, useStand } from '../session';

/** Where the tripod stands, for those who want it kept with the stand. */
export function PlacePart() {
  const stand = useStand();
  const edit = useEdit();
  return (
    <Fold summary={<>Place: {stand.place ? placeFigures(stand.place) : 'not kept'}</>}>
      <p className="mb-2 text-sm text-quiet">{FRAME_TEXT.keptStandEveryFile}</p>
      <PlaceInputs
        place={stand.place ?? null}
        onPlace={(place) => edit(({ place: _, ...rest }) => (place ? { ...rest, place } : rest))}
      />
    </Fold>
  );
}
