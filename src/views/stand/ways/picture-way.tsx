import { useState } from 'react';
import { type PictureTimeOf, withPictureTime } from '@/model';
import { Segmented } from '@/ui/segmented';
import { tieText, WAYS_TEXT } from '@/words';
import { PicturePickers } from '../frame/picture-pickers';
import { Marks } from '../pad/marks';
import { usePad } from '../pad/use-pad';
import {
  useDerived,
  useIntake,
  useOpenStand,
  usePhotoIntake,
  useProposal,
  useStand,
  useStandBag,
} from '../session';

/** One picture and one figure: the picture, its skyline by a tap on it, then the time that the camera shows. */
export function PictureWay() {
  const hasPicture = useStand((s) => !!s.picture);
  const isLooking = useIntake((i) => i.isLooking);
  const proposal = useProposal();
  if (!hasPicture) return <TakePicture />;
  if (isLooking || proposal)
    return (
      <p className="text-quiet">
        {isLooking ? 'Looking for the skyline in it…' : WAYS_TEXT.skylineDottedPictureTake}
      </p>
    );
  return <OneTime />;
}

function TakePicture() {
  const intake = usePhotoIntake();
  return (
    <section aria-label="The picture" className="space-y-2">
      <p className="font-semibold">The picture of the frame</p>
      <PicturePickers label="Picture of the frame" live onFile={intake.take} />
      <p className="text-sm text-quiet">{WAYS_TEXT.lensFramesZoomStep}</p>
    </section>
  );
}

const OF: readonly { value: PictureTimeOf; text: string }[] = [
  { value: 'land', text: 'The land' },
  { value: 'through', text: 'The whole frame' },
];

/** The one figure: what the camera shows for the land or for the whole frame. It ties the picture's light. */
function OneTime() {
  const bag = useStandBag();
  const open = useOpenStand();
  const { exposure, readings } = useStand();
  const [of, setOf] = useState<PictureTimeOf>('land');
  const [typing, setTyping] = useState(false);
  const tie = useDerived((d) => d.prepared.input.field.tie ?? null);
  const { aperture, iso } = exposure;
  const pad = usePad(of, (shown, again) => {
    const light = { ...shown, takenAt: new Date().toISOString() };
    const id = again ?? open.newId('r');
    open.edit((s) => withPictureTime(s, bag, { of, light, id, newId: open.newId }));
    return of === 'through' ? of : id;
  });
  return (
    <section aria-label="What the camera shows" className="space-y-2">
      <p>
        <span className="font-semibold">What does your camera show?</span>{' '}
        <span className="text-quiet">
          One time at f/{aperture}, ISO {iso}.
        </span>
      </p>
      <Segmented<PictureTimeOf> label="What it was pointed at" value={of} options={OF} onValue={setOf} />
      <Marks pad={pad} what={of === 'land' ? 'land' : 'whole frame'} typing={typing} onTyping={setTyping} />
      {readings.length > 0 && <p className="text-sm text-quiet">{tieText(tie)}</p>}
    </section>
  );
}
