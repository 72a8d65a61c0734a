import { Download, Plus, Trash2, Upload } from 'lucide-react';
import { useState } from 'react';
import { toast } from 'sonner';
import {
  type ComeBack,
  type OwnPlace,
  putPlace,
  removePlace,
  restorePlace,
  withPlaces,
} from '@/model/outing';
import { placesAsGpx, placesFromGpx } from '@/store';
import { Button } from '@/ui/button';
import { FilePicker } from '@/ui/file-picker';
import { Fold } from '@/ui/fold';
import { saveFile } from '@/ui/save-file';
import { placeFigures, OUTINGS_TEXT } from '@/words';
import { broughtPlacesText } from '@/words/outing';
import { NameField } from '../shared/name-field';
import { PlanNotes } from '../shared/plan-notes';
import { PlaceInputs } from '../shared/place-inputs';
import { QuantityField } from '../shared/quantity-field';
import { usePlans, usePlansEdit } from '../shared/use-plans';
import { useNewId, usePreferences } from '../shared/workspace-context';

/** Places of a GPX file, taken over, and what came of it. */
function useBroughtPlaces() {
  const edit = usePlansEdit();
  const newId = useNewId();
  const [said, setSaid] = useState<string | null>(null);
  const bring = (file: File) =>
    void file
      .text()
      .then(placesFromGpx)
      .then((read) => {
        if (!read.ok)
          return setSaid(`${file.name} was not taken: ${read.error.message}. Nothing was changed.`);
        const { points, refused } = read.value;
        const found = points.map((point) => ({ id: newId('p'), ...point }));
        let brought = { taken: 0, leftOut: 0 };
        const isIn = edit((plans) => {
          const { plans: next, ...counts } = withPlaces(plans, found);
          brought = counts;
          return next;
        });
        setSaid(
          isIn ? broughtPlacesText({ ...brought, refused }) : OUTINGS_TEXT.notTakenCameCould(file.name),
        );
      });
  return { said, bring };
}

/** Places of one's own: where they are, what is known of them, and when to come back. */
export function PlaceList() {
  const places = usePlans((p) => p.places);
  const edit = usePlansEdit();
  const newId = useNewId();
  const usual = usePreferences((p) => p.place);
  const add = () =>
    edit((plans) =>
      putPlace(plans, { id: newId('p'), name: '', ...(usual ?? { latitudeDeg: 0, longitudeDeg: 0 }) }),
    );
  const { said, bring } = useBroughtPlaces();
  return (
    <section aria-labelledby="places" className="mt-8">
      <div className="mb-2 flex flex-wrap items-center gap-3">
        <h2 id="places" className="mr-auto text-lg font-semibold">
          Places of your own
        </h2>
        <SavePlaces places={places} />
        <FilePicker label="GPX file of places" accept=".gpx,application/gpx+xml,text/xml" onFile={bring}>
          {(pick) => (
            <Button onClick={pick}>
              <Upload size={18} aria-hidden /> From GPX
            </Button>
          )}
        </FilePicker>
        <Button onClick={add}>
          <Plus size={18} aria-hidden /> Add a place
        </Button>
      </div>
      {said && (
        <p role="status" className="mb-2">
          {said}
        </p>
      )}
      {places.length === 0 ? (
        <p className="text-quiet">{OUTINGS_TEXT.placeKeepsNotesWhere}</p>
      ) : (
        <ul className="border-t border-rule">
          {places.map((place, index) => (
            <li key={place.id} className="border-b border-rule">
              <Fold
                open={place.name === ''}
                summary={
                  <>
                    <span className="font-semibold text-ink">{place.name || 'Place without a name'}</span> ·{' '}
                    {placeFigures(place)}
                  </>
                }
              >
                <PlaceFields place={place} index={index} />
              </Fold>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

function SavePlaces({ places }: { places: readonly OwnPlace[] }) {
  if (!places.length) return null;
  return (
    <Button onClick={() => void savePlaces(places)}>
      <Download size={18} aria-hidden /> As GPX
    </Button>
  );
}

/** Places as GPX, for a device that shows the way. */
async function savePlaces(places: readonly OwnPlace[]): Promise<void> {
  saveFile({ name: 'pale-seam-places.gpx', text: await placesAsGpx('Places', places) });
}

function PlaceFields({ place, index }: { place: OwnPlace; index: number }) {
  const edit = usePlansEdit();
  const newId = useNewId();
  const set = (change: Partial<OwnPlace>) => edit((plans) => putPlace(plans, { ...place, ...change }));
  const again = place.again ?? [];
  const setAgain = (next: readonly ComeBack[]) => set({ again: next.length ? [...next] : undefined });
  const remove = () => {
    edit((plans) => removePlace(plans, place.id));
    toast(`${place.name || 'The place'} is gone.`, {
      action: { label: 'Undo', onClick: () => edit((plans) => restorePlace(plans, place, index)) },
      duration: 10_000,
    });
  };
  return (
    <div className="grid max-w-2xl gap-3 pb-4">
      <NameField name={place.name} onName={(name) => set({ name })} />
      <PlaceInputs place={place} onPlace={(at) => at && set(at)} />
      <PlanNotes text={place.notes ?? ''} onText={(notes) => set({ notes: notes || undefined })} />
      <Framings
        place={place}
        onFramings={(framings) => set({ framings: framings.length ? [...framings] : undefined })}
      />
      {again.map((wish, i) => (
        <Wish
          key={wish.id}
          wish={wish}
          onWish={(next) => setAgain(again.map((w, k) => (k === i ? next : w)))}
          onRemove={() => setAgain(again.filter((_, k) => k !== i))}
        />
      ))}
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => setAgain([...again, { id: newId('w') }])}>
          <Plus size={18} aria-hidden /> Come back when…
        </Button>
        <Button kind="quiet" onClick={remove}>
          <Trash2 size={18} aria-hidden /> Forget this place
        </Button>
      </div>
    </div>
  );
}

type PlaceFraming = NonNullable<OwnPlace['framings']>[number];

/** The framings of a place, and where each looks to. */
function Framings({
  place,
  onFramings,
}: {
  place: OwnPlace;
  onFramings: (framings: readonly PlaceFraming[]) => void;
}) {
  const newId = useNewId();
  const framings = place.framings ?? [];
  const put = (i: number, next: PlaceFraming) => onFramings(framings.map((f, k) => (k === i ? next : f)));
  return (
    <>
      {framings.map((framing, i) => (
        <div key={framing.id} className="grid grid-cols-[1fr_8rem_auto] items-end gap-2">
          <NameField label="Framing" name={framing.name} onName={(name) => put(i, { ...framing, name })} />
          <QuantityField
            label="Looks to"
            quantity="azimuthDeg"
            unit="°"
            optional
            value={framing.azimuthDeg}
            onValue={(azimuthDeg) => put(i, { ...framing, azimuthDeg })}
          />
          <button
            type="button"
            aria-label={`Forget the framing ${framing.name}`}
            className="flex size-11 items-center justify-center rounded-md hover:bg-chosen"
            onClick={() => onFramings(framings.filter((f) => f.id !== framing.id))}
          >
            <Trash2 size={18} aria-hidden />
          </button>
        </div>
      ))}
      <Button
        className="justify-self-start"
        onClick={() => onFramings([...framings, { id: newId('f'), name: '' }])}
      >
        <Plus size={18} aria-hidden /> Add a framing
      </Button>
    </>
  );
}

/** When to come back: the sun in a direction at a height, the water below a height or above it. */
function Wish({
  wish,
  onWish,
  onRemove,
}: {
  wish: ComeBack;
  onWish: (wish: ComeBack) => void;
  onRemove: () => void;
}) {
  const { tide } = wish;
  return (
    <fieldset className="grid grid-cols-2 gap-3 border-l-2 border-rule pl-3 desk:grid-cols-4">
      <legend className="text-sm text-quiet">Come back</legend>
      <NameField
        className="col-span-2 desk:col-span-4"
        label="For"
        name={wish.note}
        placeholder="the sun over the gap"
        onName={(note) => onWish({ ...wish, note: note || undefined })}
      />
      <QuantityField
        label="Sun’s direction"
        quantity="azimuthDeg"
        unit="°"
        optional
        value={wish.sunAzimuthDeg}
        onValue={(sunAzimuthDeg) => onWish({ ...wish, sunAzimuthDeg })}
      />
      <QuantityField
        label="Its height"
        quantity="altitudeDeg"
        unit="°"
        optional
        value={wish.sunAltitudeDeg}
        placeholder="0"
        onValue={(sunAltitudeDeg) => onWish({ ...wish, sunAltitudeDeg })}
      />
      {(['below', 'above'] as const).map((side) => (
        <QuantityField
          key={side}
          label={`Water ${side}`}
          quantity="tideM"
          unit="m"
          optional
          value={tide?.side === side ? tide.heightM : undefined}
          onValue={(heightM) =>
            onWish({ ...wish, tide: heightM === undefined ? undefined : { side, heightM } })
          }
        />
      ))}
      <Button kind="quiet" className="col-span-2 justify-self-start" onClick={onRemove}>
        <Trash2 size={18} aria-hidden /> Not any more
      </Button>
    </fieldset>
  );
}
