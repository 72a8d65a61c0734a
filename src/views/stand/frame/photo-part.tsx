import { Camera, ImagePlus, ImageUp, Trash2 } from 'lucide-react';
import { unknownLight } from '@/core/field';
import { momentOf, type PhotoOffer, photoOffers, type Stand, withOffer } from '@/model';
import { Button } from '@/ui/button';
import { FilePicker } from '@/ui/file-picker';
import { momentText, placeFigures, tieText, unknownText, FRAME_TEXT } from '@/words';
import { IntakeState } from './intake-state';
import { PHOTO_FILES } from '../../shared/photo-files';
import { useDerived, useEdit, useIntake, usePhoto, usePhotoIntake, useStand } from '../session';

/** The picture that fills the frame: how it comes in, what it tells, and how it is taken out. */
export function PhotoPart() {
  const stand = useStand();
  const state = useIntake((i) => i.picture);
  const isMissing = usePhoto((p) => p.isMissing);
  const derived = useDerived();
  const { picture } = stand;
  const field = derived.prepared?.input.field;
  return (
    <section aria-label="Picture">
      <h3 className="font-semibold">Picture</h3>
      {picture ? (
        <p className="text-sm text-quiet">
          {picture.name ?? 'A picture'}. {tieText(field?.tie ?? null)}{' '}
          {field && unknownText(unknownLight(field))}
        </p>
      ) : (
        <p className="text-sm text-quiet">{FRAME_TEXT.dropPictureFramePaste}</p>
      )}
      {isMissing && <p className="mt-1 text-sm">{FRAME_TEXT.notDeviceOnlyLight}</p>}
      <IntakeState />
      {state.phase !== 'reading' && <PictureButtons hasPicture={!!picture} />}
      {state.phase === 'taken' && state.data.lightIsHeld && (
        <p role="status" className="mt-2 text-sm">
          {FRAME_TEXT.someLightWentBeyond}
        </p>
      )}
      <Offers />
    </section>
  );
}

/** What brings a picture in, and takes it out. */
function PictureButtons({ hasPicture }: { hasPicture: boolean }) {
  const intake = usePhotoIntake();
  return (
    <div className="mt-2 flex flex-wrap gap-2">
      <FilePicker label="Picture for the frame" accept={PHOTO_FILES} onFile={intake.take}>
        {(pick) => (
          <Button onClick={pick}>
            {hasPicture ? <ImageUp size={18} aria-hidden /> : <ImagePlus size={18} aria-hidden />}
            {hasPicture ? 'Another picture' : 'Choose a picture'}
          </Button>
        )}
      </FilePicker>
      <FilePicker label="Picture from the camera" accept="image/*" capture onFile={intake.take}>
        {(pick) => (
          <Button onClick={pick} className="hidden pointer-coarse:inline-flex">
            <Camera size={18} aria-hidden /> Take one
          </Button>
        )}
      </FilePicker>
      {hasPicture && (
        <Button kind="quiet" onClick={intake.remove}>
          <Trash2 size={18} aria-hidden /> Take it out
        </Button>
      )}
    </div>
  );
}

/** Where the picture's own data differ from what stands here: each is taken over only when it is asked for. */
function Offers() {
  const stand = useStand();
  const edit = useEdit();
  const intake = usePhotoIntake();
  const state = useIntake((i) => i.picture);
  if (state.phase !== 'taken') return null;
  const offers = photoOffers(stand, state.data);
  if (!offers.length) return null;
  const take = (all: readonly PhotoOffer[]) => edit((s) => all.reduce(withOffer, s));
  return (
    <div className="mt-3 rounded-md border border-action p-3">
      <h4 className="font-semibold">The picture tells otherwise</h4>
      <ul className="my-1">
        {offers.map((offer) => {
          const { name, now, told } = offerText(offer, stand);
          return (
            <li key={offer.of} className="flex items-center gap-2">
              <span className="flex-1">
                {name} <span className="font-mono">{told}</span>
                <span className="text-quiet"> instead of {now}</span>
              </span>
              <Button kind="quiet" onClick={() => take([offer])} aria-label={`Take ${name} ${told}`}>
                Take
              </Button>
            </li>
          );
        })}
      </ul>
      <div className="flex gap-2">
        {offers.length > 1 && (
          <Button kind="action" onClick={() => take(offers)}>
            Take all
          </Button>
        )}
        <Button onClick={intake.dismiss}>Leave as it is</Button>
      </div>
    </div>
  );
}

function offerText(offer: PhotoOffer, stand: Stand) {
  const { lens, exposure, camera, place } = stand;
  switch (offer.of) {
    case 'focalLength':
      return { name: 'Focal length', told: `${offer.mm} mm`, now: `${lens.focalLengthMm} mm` };
    case 'aperture':
      return { name: 'Aperture', told: `f/${offer.aperture}`, now: `f/${exposure.aperture}` };
    case 'iso':
      return { name: 'ISO', told: String(offer.iso), now: String(exposure.iso) };
    case 'orientation':
      return { name: 'Orientation', told: offer.orientation, now: camera.orientation ?? 'landscape' };
    case 'time':
      return { name: 'Time', told: momentText(offer.takenAt), now: momentText(momentOf(stand)) };
    case 'place':
      return { name: 'Place', told: placeFigures(offer.place), now: place ? placeFigures(place) : 'none' };
  }
}
