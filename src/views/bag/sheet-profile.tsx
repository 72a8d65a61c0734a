import { useMemo, useState } from 'react';
import {
  type ProfileFault,
  profileFromPhoto,
  type SheetFilter,
  type SheetProfile,
  withProfile,
  type SheetPhoto,
} from '@/model';
import { Button } from '@/ui/button';
import { Fold } from '@/ui/fold';
import { BENT_TEXT, PROFILE_FAULTS, profileText, BAG_TEXT } from '@/words';
import { Corners } from './corners';
import { PickedPicture } from './picked-picture';
import { ProfileChart } from './profile-chart';
import { type PictureLight, useLight } from './use-light';

/** Cells along the longer side of a photo of a sheet: half a millimetre of it. */
const CELLS = 600;

const BEGIN: SheetPhoto['corners'] = [
  { u: 0.3, v: 0.15 },
  { u: 0.7, v: 0.15 },
  { u: 0.7, v: 0.85 },
  { u: 0.3, v: 0.85 },
];

interface SheetProps {
  readonly filter: SheetFilter;
  readonly put: (next: SheetFilter) => void;
}

/** The density of a sheet along its length from a photo of it against something even. */
export function SheetProfilePart(props: SheetProps) {
  return (
    <Fold className="col-span-full" summary={BAG_TEXT.profilePhotoSheet}>
      {() => <FromPhoto {...props} />}
    </Fold>
  );
}

function FromPhoto({ filter, put }: SheetProps) {
  const [photo, take] = useLight(CELLS);
  return (
    <div className="space-y-3 pb-3">
      <p className="text-sm text-quiet">{BAG_TEXT.holdSheetAgainstEven}</p>
      <div className="md:max-w-xs">
        <PickedPicture label="Photo of the sheet" light={photo} onFile={take} />
      </div>
      {photo?.phase === 'read' &&
        (filter.sheetLengthMm === undefined ? (
          <p role="alert">{BAG_TEXT.typeSheetsLengthFirst}</p>
        ) : (
          <Straightened
            key={photo.name}
            photo={photo}
            filter={filter}
            put={put}
            lengthMm={filter.sheetLengthMm}
          />
        ))}
    </div>
  );
}

interface StraightenedProps extends SheetProps {
  readonly photo: Extract<PictureLight, { phase: 'read' }>;
  readonly lengthMm: number;
}

function Straightened({ photo, filter, put, lengthMm }: StraightenedProps) {
  const [corners, setCorners] = useState(BEGIN);
  const found = useMemo(
    () => profileFromPhoto({ light: photo.light, corners, lengthMm }),
    [photo, corners, lengthMm],
  );
  return (
    <>
      <Corners light={photo.light} corners={corners} onCorners={setCorners} />
      {found.ok ? (
        <Told profile={found.profile} filter={filter} put={put} isLinear={photo.isLinear} />
      ) : (
        <Fault reason={found.reason} />
      )}
    </>
  );
}

const Fault = ({ reason }: { reason: ProfileFault }) => <p role="status">{PROFILE_FAULTS[reason]}</p>;

interface ToldProps extends SheetProps {
  readonly profile: SheetProfile;
  readonly isLinear: boolean;
}

function Told({ profile, filter, put, isLinear }: ToldProps) {
  const measured = withProfile(filter, profile);
  return (
    <div className="space-y-2">
      <ProfileChart sold={filter} measured={measured} />
      <p role="status">{profileText(profile)}</p>
      {!isLinear && <p className="text-sm text-quiet">{BENT_TEXT}</p>}
      <Button kind="action" onClick={() => put(measured)}>
        Use this profile
      </Button>
    </div>
  );
}
