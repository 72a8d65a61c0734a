import { Fold } from '@/ui/fold';
import { placeFigures } from '@/words';
import { PlaceInputs } from '../../shared/place-inputs';
import { useEdit, useStand } from '../session';

/** Where the tripod stands, for those who want it kept with the stand. */
export function PlacePart() {
  const stand = useStand();
  const edit = useEdit();
  return (
    <Fold summary={<>Place: {stand.place ? placeFigures(stand.place) : 'not kept'}</>}>
      <p className="mb-2 text-sm text-quiet">
        Kept in the stand, and so in every file made of it. The first guess of the light is for here.
      </p>
      <PlaceInputs
        place={stand.place ?? null}
        onPlace={(place) => edit(({ place: _, ...rest }) => (place ? { ...rest, place } : rest))}
      />
    </Fold>
  );
}
