import { ImageUp } from 'lucide-react';
import { useState } from 'react';
import { type Outing } from '@/model/outing';
import { type PhotoTells, type Place } from '@/model';
import { dayOf } from '@/model/outing';
import { Button } from '@/ui/button';
import { ChoiceField } from '@/ui/field';
import { FilePicker } from '@/ui/file-picker';
import { photoFaultText, OUTING_TEXT } from '@/words';
import { outingDayText } from '@/words/outing';
import { PHOTO_FILES } from '../shared/photo-files';
import { PlaceInputs } from '../shared/place-inputs';
import { usePlans } from '../shared/use-plans';
import { useWorkspace } from '../shared/workspace-context';
import { useOuting } from './use-outing';

/** A place to a thousandth of a degree, about a hundred metres: as well as the sun needs it. */
const rounded = ({ latitudeDeg, longitudeDeg }: Place): Place => ({
  latitudeDeg: Math.round(1000 * latitudeDeg) / 1000,
  longitudeDeg: Math.round(1000 * longitudeDeg) / 1000,
});

/** The outing at a place that is none of one's own; it is still called what it was. */
const at = ({ placeId: _, place, ...outing }: Outing, to: Place | null): Outing =>
  to ? { ...outing, place: { ...to, ...(place?.name ? { name: place.name } : {}) } } : outing;

/** Where it is: one of one's own places, typed, the device's, or a picture's. */
export function PlaceChoice() {
  const { outing, edit } = useOuting();
  const places = usePlans((p) => p.places);
  const [trouble, setTrouble] = useState<string | null>(null);
  const choose = (id: string) => {
    const own = places.find((p) => p.id === id);
    edit(({ placeId: _, ...o }) =>
      own
        ? {
            ...o,
            placeId: own.id,
            place: { latitudeDeg: own.latitudeDeg, longitudeDeg: own.longitudeDeg, name: own.name },
          }
        : o,
    );
  };
  return (
    <>
      {places.length > 0 && (
        <ChoiceField
          label="Place"
          value={outing.placeId ?? ''}
          options={[
            ['', 'by its coordinates'],
            ...places.map((p) => [p.id, p.name || 'Place without a name'] as const),
          ]}
          onValue={choose}
        />
      )}
      <PlaceInputs place={outing.place ?? null} onPlace={(to) => edit((o) => at(o, to))} />
      <div className="flex flex-wrap gap-2">
        <FromPicture onTrouble={setTrouble} />
      </div>
      {trouble && (
        <p role="alert" className="text-fault">
          {trouble}
        </p>
      )}
    </>
  );
}

/** The place that a picture was taken at, and its day where that is wanted too; nothing of the picture is kept. */
function FromPicture({ onTrouble }: { onTrouble: (text: string | null) => void }) {
  const { outing, edit } = useOuting();
  const { clients } = useWorkspace();
  const [tells, setTells] = useState<PhotoTells | null>(null);
  const read = async (file: File) => {
    onTrouble(null);
    const client = clients.picture();
    const result = await client.request({ bytes: await file.arrayBuffer(), name: file.name });
    client.dispose();
    const output = result.type === 'done' ? result.output : null;
    if (!output?.ok) return onTrouble(photoFaultText(output?.fault ?? 'failed', file.name));
    const { data } = output;
    setTells(data);
    const { place } = data;
    if (place) edit((o) => at(o, rounded(place)));
    else onTrouble(OUTING_TEXT.pictureDoesNotTell);
  };
  const day = tells?.takenAt && dayOf(Date.parse(tells.takenAt), outing.zone);
  return (
    <>
      <FilePicker label="Picture of the place" accept={PHOTO_FILES} onFile={(file) => void read(file)}>
        {(pick) => (
          <Button onClick={pick}>
            <ImageUp size={18} aria-hidden /> From a picture
          </Button>
        )}
      </FilePicker>
      {day && day !== outing.day && (
        <Button onClick={() => edit((o) => ({ ...o, day }))}>Its day too: {outingDayText(day)}</Button>
      )}
    </>
  );
}
