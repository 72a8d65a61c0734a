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
  if (!tie && !isBench)
    return (
      <Note>
        The picture tells no exposure: read one spot of it with your own meter and place it, then the picture
        can be metered too.
      </Note>
    );
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
          {isBench
            ? 'Point the meter at the scene and click: it reads through all that is on the simulated lens.'
            : 'Click the picture: sky above the skyline, land below it, is read from it.'}{' '}
          A finger aims above itself; by keyboard give it a place, then arrow keys and Enter.
          {tie?.by === 'exposure-data' && ' Its EVs are good to 1 or 2 stops, the span is surer than they.'}
        </Note>
      )}
    </div>
  );
}

const Note = ({ children }: { children: ReactNode }) => <p className="text-sm text-quiet">{children}</p>;
