import { anglesOfViewDeg } from '@/core/optics';
import {
  ASSUMED_WIDEST_APERTURE,
  type Camera,
  cropBox,
  frameOf,
  knownPupilMm,
  MAX_TEXT,
  type Orientation,
  type StandLens,
  withPupilAt,
} from '@/model';
import { Fold } from '@/ui/fold';
import { Segmented } from '@/ui/segmented';
import { cameraAndLensText, cropText, distanceText, leaveOutText, markedText, notesText } from '@/words';
import { PupilField } from '../../shared/pupil-field';
import { QuantityField } from '../../shared/quantity-field';
import { RoomFields } from '../../shared/room-fields';
import { SensorSizeFields } from '../../shared/sensor-size-fields';
import { CropFields } from './crop-fields';
import { FocusPart } from './focus-part';
import { FromBag, HolderChoice } from './from-bag';
import { frameLanding, useLanding } from './landing';
import { LeaveOut } from './leave-out';
import { PlacePart } from './place-part';
import { PhotoPart } from './photo-part';
import { PupilPhotos } from './pupil-photos';
import { ShapeList } from './shape-list';
import { Shown } from './shown';
import { SkylineProposal } from './skyline-proposal';
import { SkylineList } from './skyline-list';
import { useKept, useEdit, useFrameLook, useSession, useStand } from '../session';

/** Step 1: picture, skyline and focal length; all else folded away by what it is for, each with its result in its line. */
export function FrameStep() {
  useLanding();
  return (
    <div className="space-y-5">
      <PhotoPart />
      <div {...frameLanding('skyline')}>
        <SkylineProposal />
        <SkylineList />
      </div>
      <div className="grid grid-cols-2 gap-3" {...frameLanding('lens')}>
        <FocalLength />
        <Upright />
      </div>
      <div className="border-t border-rule">
        <CameraAndLens />
        <Focus />
        <CropPart />
        <Marked />
        <ShownPart />
        <LeaveOutPart />
        <Notes />
        <PlacePart />
      </div>
    </div>
  );
}

const useLens = () => {
  const edit = useEdit();
  return {
    lens: useStand((s) => s.lens),
    set: (change: Partial<StandLens>) => edit((s) => ({ ...s, lens: { ...s.lens, ...change } })),
  };
};

const useCamera = () => {
  const edit = useEdit();
  return {
    camera: useStand((s) => s.camera),
    set: (change: Partial<Camera>) => edit((s) => ({ ...s, camera: { ...s.camera, ...change } })),
  };
};

function FocalLength() {
  const { lens, set } = useLens();
  return (
    <>
      <QuantityField
        label="Focal length"
        quantity="focalLengthMm"
        unit="mm"
        value={lens.focalLengthMm}
        onValue={(focalLengthMm) => set({ focalLengthMm })}
      />
      <AngleOfView />
    </>
  );
}

function Upright() {
  const { camera, set } = useCamera();
  return (
    <div className="col-span-2">
      <Segmented<Orientation>
        label="Orientation"
        value={camera.orientation ?? 'landscape'}
        options={[
          { value: 'landscape', text: 'Landscape' },
          { value: 'portrait', text: 'Portrait' },
        ]}
        onValue={(orientation) => set({ orientation })}
      />
    </div>
  );
}

/** Which camera, lens and holder, and what is known of each. */
function CameraAndLens() {
  const stand = useStand();
  const { camera, set: setCamera } = useCamera();
  const { lens, set } = useLens();
  return (
    <Fold summary={<>Camera and lens: {cameraAndLensText(stand)}</>} {...frameLanding('camera')}>
      <div className="grid grid-cols-2 gap-3">
        <FromBag />
        <HolderChoice />
        <SensorSizeFields size={camera} onChange={(size, name) => setCamera({ ...size, name })} />
        <PupilField
          value={knownPupilMm(lens, lens.focalLengthMm)}
          focalLengthMm={lens.focalLengthMm}
          bulgingFront={lens.bulgingFront}
          onValue={(mm) =>
            set(
              lens.pupils && mm !== undefined
                ? withPupilAt(lens, lens.focalLengthMm, mm)
                : { pupilToFilterMm: mm, pupils: undefined },
            )
          }
        />
        <QuantityField
          label="Widest aperture"
          quantity="aperture"
          optional
          value={lens.widestAperture}
          placeholder={`f/${ASSUMED_WIDEST_APERTURE}, assumed`}
          onValue={(widestAperture) => set({ widestAperture })}
          hint="what the finder shows"
        />
      </div>
      <PupilPhotos />
      <RoomFields camera={camera} iso={stand.exposure.iso} onChange={setCamera} />
    </Fold>
  );
}

/** What is nearest, and where to focus for it. */
function Focus() {
  const { lens, set } = useLens();
  const near = lens.nearestSubjectM;
  return (
    <Fold summary={<>Focus: nearest thing {near === undefined ? 'far' : distanceText(near)}</>}>
      <div className="grid grid-cols-2 gap-3 pb-2">
        <QuantityField
          label="Nearest thing in the frame"
          quantity="subjectM"
          unit="m"
          optional
          value={near}
          placeholder="far"
          onValue={(nearestSubjectM) => set({ nearestSubjectM })}
        />
        <FocusPart />
      </div>
    </Fold>
  );
}

function CropPart() {
  const crop = useStand((s) => s.crop);
  return (
    <Fold summary={<>Print: {crop ? cropText(crop) : 'the whole frame'}</>}>
      <div className="grid grid-cols-2 gap-3 pb-2">
        <CropFields />
      </div>
    </Fold>
  );
}

function Marked() {
  const stand = useStand();
  const isOutlining = useSession((s) => s.outline !== null);
  const hasSelected = useSession((s) => s.selection?.kind === 'shape');
  return (
    <Fold
      open={isOutlining || hasSelected || undefined}
      summary={<>Marked in the frame: {markedText(stand)}</>}
    >
      <ShapeList />
    </Fold>
  );
}

function ShownPart() {
  const { isMonochrome, marksClips, showsGrid } = useFrameLook();
  const on = [isMonochrome && 'without colours', marksClips && 'clipping marked', showsGrid && 'level grid'];
  return (
    <Fold summary={<>Shown: {on.filter(Boolean).join(', ') || 'in colour'}</>}>
      <Shown />
    </Fold>
  );
}

function LeaveOutPart() {
  const things = useStand((s) => s.leaveOut);
  return (
    <Fold summary={<>Leave out: {leaveOutText(things)}</>}>
      <LeaveOut />
    </Fold>
  );
}

/** What the lens takes in of what is printed, across and up, in whole degrees. */
function AngleOfView() {
  const { camera, crop, lens } = useStand();
  const { widthMm, heightMm } = frameOf(camera);
  const { left, right, top, bottom } = cropBox(crop, { widthMm, heightMm }) ?? WHOLE;
  const { acrossDeg, upDeg } = anglesOfViewDeg(lens.focalLengthMm, {
    widthMm: widthMm * (right - left),
    heightMm: heightMm * (bottom - top),
  });
  return (
    <p className="col-span-2 -mt-1 text-sm text-quiet">
      Takes in {Math.round(acrossDeg)}° across and {Math.round(upDeg)}° up and down
      {crop ? ', as it is cropped' : ''}.
    </p>
  );
}

const WHOLE = { left: 0, right: 1, top: 0, bottom: 1 };

/** What to watch, whom to ask. */
function Notes() {
  const stand = useStand();
  const edit = useEdit();
  const kept = useKept();
  return (
    <Fold summary={<>Notes: {notesText(stand.notes)}</>}>
      <textarea
        aria-label="Notes"
        rows={3}
        maxLength={MAX_TEXT}
        value={stand.notes ?? ''}
        onFocus={() => kept.beginGesture()}
        onBlur={() => kept.endGesture()}
        onChange={(e) => edit((s) => ({ ...s, notes: e.target.value }))}
        className="mb-2 w-full rounded-md border border-edge bg-panel px-2.5 py-2"
      />
    </Fold>
  );
}
