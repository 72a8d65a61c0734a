import { READ_TEXT } from '@/words';
import { type ReactNode } from 'react';
import { Segmented } from '@/ui/segmented';
import { useDerived, useSession, useStand } from '../session';

const OFF = 'off';
/** Angles of spot meters, degrees. */
const ANGLES = [1, 3, 5];

/** Through how wide a spot the picture is read, and the way back to a meter of one's own. */
export function PhotoMeterChoice() {
  const stand = useStand();
  const derived = useDerived();
  const photoMeterDeg = useSession((s) => s.photoMeterDeg);
  const setPhotoMeter = useSession((s) => s.setPhotoMeter);
  if (!stand.picture) return null;
  const tie = derived.prepared?.input.field.tie;
  const isBench = !!stand.bench;
  if (!tie && !isBench) return <Note>{READ_TEXT.pictureTellsNoExposure}</Note>;
  return (
    <div className="space-y-1.5">
      <Segmented
        label={isBench ? 'Simulated meter' : 'Meter on the picture'}
        value={photoMeterDeg === null ? OFF : String(photoMeterDeg)}
        options={[
          { value: OFF, text: isBench ? 'Typed' : 'Own meter' },
          ...ANGLES.map((deg) => ({ value: String(deg), text: `${deg}° spot` })),
        ]}
        onValue={(value) => setPhotoMeter(value === OFF ? null : Number(value))}
      />
      {photoMeterDeg !== null && (
        <Note>
          {isBench ? READ_TEXT.pointMeterSceneClick : READ_TEXT.clickPictureSkyAbove}{' '}
          {READ_TEXT.fingerAimsAboveItself}
          {tie?.by === 'exposure-data' && READ_TEXT.evsGood12}
        </Note>
      )}
    </div>
  );
}

const Note = ({ children }: { children: ReactNode }) => <p className="text-sm text-quiet">{children}</p>;
