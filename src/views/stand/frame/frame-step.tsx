import { anglesOfViewDeg, estimatedPupilToFilterMm, type FrameSize } from '@/core/optics';
import {
  ASSUMED_WIDEST_APERTURE,
  type Camera,
  frameOf,
  MAX_TEXT,
  type Orientation,
  type StandLens,
} from '@/model';
import { Segmented } from '@/ui/segmented';
import { ApertureField, IsoField } from '../../shared/exposure-fields';
import { QuantityField } from '../../shared/quantity-field';
import { RoomFields } from '../../shared/room-fields';
import { SensorSizeFields } from '../../shared/sensor-size-fields';
import { CropFields } from './crop-fields';
import { FocusPart } from './focus-part';
import { FromBag } from './from-bag';
import { LeaveOut } from './leave-out';
import { PlacePart } from './place-part';
import { PhotoPart } from './photo-part';
import { PupilPhotos } from './pupil-photos';
import { ShapeList } from './shape-list';
import { Shown } from './shown';
import { SkylineProposal } from './skyline-proposal';
import { SkylineList } from './skyline-list';
import { useKept, useEdit, useStand } from '../session';

/** Step 1: camera, lens, skyline and what is marked in the frame. */
export function FrameStep() {
  const stand = useStand();
  const edit = useEdit();
  const { camera, lens, exposure } = stand;
  const setCamera = (change: Partial<Camera>) => edit((s) => ({ ...s, camera: { ...s.camera, ...change } }));
  const setLens = (change: Partial<StandLens>) => edit((s) => ({ ...s, lens: { ...s.lens, ...change } }));
  return (
    <div className="space-y-5">
      <PhotoPart />
      <Shown />
      <div className="grid grid-cols-2 gap-3">
        <FromBag />
        <SensorSizeFields
          size={camera}
          onChange={(size, name) => setCamera({ ...size, ...(name ? { name } : {}) })}
        />
        <div className="col-span-2">
          <Segmented<Orientation>
            label="Orientation"
            value={camera.orientation ?? 'landscape'}
            options={[
              { value: 'landscape', text: 'Landscape' },
              { value: 'portrait', text: 'Portrait' },
            ]}
            onValue={(orientation) => setCamera({ orientation })}
          />
        </div>
        <CropFields />
        <QuantityField
          label="Focal length"
          quantity="focalLengthMm"
          unit="mm"
          value={lens.focalLengthMm}
          onValue={(focalLengthMm) => setLens({ focalLengthMm })}
        />
        <QuantityField
          label="Pupil to filter"
          quantity="lengthMm"
          unit="mm"
          optional
          value={lens.pupilToFilterMm}
          placeholder={`about ${estimatedPupilToFilterMm(lens.focalLengthMm, lens.bulgingFront)}`}
          onValue={(pupilToFilterMm) => setLens({ pupilToFilterMm })}
          hint={lens.pupilToFilterMm === undefined ? 'estimated, good to a fifth' : undefined}
        />
        <AngleOfView focalLengthMm={lens.focalLengthMm} frame={frameOf(camera)} />
        <ApertureField
          value={exposure.aperture}
          onValue={(aperture) => edit((s) => ({ ...s, exposure: { ...s.exposure, aperture } }))}
        />
        <IsoField
          value={exposure.iso}
          onValue={(iso) => edit((s) => ({ ...s, exposure: { ...s.exposure, iso } }))}
        />
        <QuantityField
          label="Widest aperture"
          quantity="aperture"
          optional
          value={lens.widestAperture}
          placeholder={`f/${ASSUMED_WIDEST_APERTURE}, assumed`}
          onValue={(widestAperture) => setLens({ widestAperture })}
          hint="what the finder shows"
        />
        <QuantityField
          label="Nearest thing in the frame"
          quantity="subjectM"
          unit="m"
          optional
          value={lens.nearestSubjectM}
          placeholder="far"
          onValue={(nearestSubjectM) => setLens({ nearestSubjectM })}
        />
        <FocusPart />
      </div>
      <div>
        <PupilPhotos />
        <RoomFields camera={camera} iso={exposure.iso} onChange={setCamera} />
      </div>
      <div>
        <SkylineProposal />
        <SkylineList />
      </div>
      <ShapeList />
      <LeaveOut />
      <Notes />
      <PlacePart />
    </div>
  );
}

/** What the lens takes in, across and up, in whole degrees. */
function AngleOfView({ focalLengthMm, frame }: { focalLengthMm: number; frame: FrameSize }) {
  const { acrossDeg, upDeg } = anglesOfViewDeg(focalLengthMm, frame);
  return (
    <p className="col-span-2 -mt-1 text-sm text-quiet">
      Takes in {Math.round(acrossDeg)}° across and {Math.round(upDeg)}° up and down.
    </p>
  );
}

/** What to watch, whom to ask. */
function Notes() {
  const stand = useStand();
  const edit = useEdit();
  const kept = useKept();
  return (
    <label className="block">
      <span className="mb-1 block text-sm text-quiet">Notes</span>
      <textarea
        rows={3}
        maxLength={MAX_TEXT}
        value={stand.notes ?? ''}
        onFocus={() => kept.beginGesture()}
        onBlur={() => kept.endGesture()}
        onChange={(e) => edit((s) => ({ ...s, notes: e.target.value }))}
        className="w-full rounded-md border border-edge bg-panel px-2.5 py-2"
      />
    </label>
  );
}
