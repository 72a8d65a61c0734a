import { READ_TEXT } from '@/words';
import { Pipette } from 'lucide-react';
import { useMemo } from 'react';
import { addReading, readingsFromPhoto, throughLight, USUAL_ANGLE_DEG } from '@/model';
import { Button } from '@/ui/button';
import { SkylineProposal } from '../frame/skyline-proposal';
import { PicturePickers } from '../frame/picture-pickers';
import { useNewId } from '../../shared/workspace-context';
import {
  useDerived,
  useEdit,
  useIntake,
  usePhotoIntake,
  useProposal,
  useSession,
  useStand,
} from '../session';

/** The other way to begin: a test shot first, readings from it, then the plan. */
export function TestShot() {
  const stand = useStand();
  const intake = usePhotoIntake();
  const isLooking = useIntake((i) => i.isLooking);
  const proposal = useProposal();
  const setPhotoMeter = useSession((s) => s.setPhotoMeter);
  const isUnread = !stand.readings.length && !throughLight(stand);
  if (!isUnread) return null;
  if (!stand.picture) {
    const take = (file: File) => {
      intake.take(file);
      setPhotoMeter(USUAL_ANGLE_DEG);
    };
    return (
      <section aria-label="Test shot first" className="space-y-1.5 border-t border-rule pt-3">
        <p className="text-sm text-quiet">{READ_TEXT.testShotFirstReadings}</p>
        <PicturePickers label="Test shot" onFile={take} />
      </section>
    );
  }
  // sky and land are told apart by the skyline: a found one is taken or left first
  if (isLooking || proposal) return <SkylineProposal />;
  return <FromPhoto />;
}

/** The picture's middling sky and land and its brightest, read at one press. */
function FromPhoto() {
  const stand = useStand();
  const derived = useDerived();
  const edit = useEdit();
  const newId = useNewId();
  const { picture, skyline, lens } = stand;
  const { prepared } = derived;
  const offered = useMemo(
    () => (prepared ? readingsFromPhoto(stand, prepared) : []),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- of the stand no more than these
    [picture, skyline, lens, prepared],
  );
  if (!offered.length) return null;
  return (
    <Button
      className="w-full"
      kind="action"
      onClick={() =>
        edit((s) => offered.reduce((t, reading) => addReading(t, { ...reading, id: newId('r') }), s))
      }
    >
      <Pipette size={18} aria-hidden />
      {offered.some((r) => r.limit) ? READ_TEXT.readSkyLandBrightest : READ_TEXT.readSkyLand}
    </Button>
  );
}
