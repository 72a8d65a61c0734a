import { type BagCamera, putCamera, removeCamera, restoreCamera, FULL_FRAME } from '@/model';
import { cameraDetail, thingName, BAG_TEXT } from '@/words';
import { NameField } from '../shared/name-field';
import { QuantityField } from '../shared/quantity-field';
import { RoomFields } from '../shared/room-fields';
import { SensorSizeFields } from '../shared/sensor-size-fields';
import { useNewId } from '../shared/workspace-context';
import { GearList, type SectionProps } from './gear-list';

/** The cameras: the sensor, and the room it has either way. */
export function CameraList({ bag, ...section }: SectionProps) {
  const newId = useNewId();
  const cameras = bag.cameras ?? [];
  return (
    <GearList<BagCamera>
      {...section}
      title="Cameras"
      addText="Add a camera"
      emptyText={BAG_TEXT.noCameraYetStand}
      items={cameras}
      make={() => ({ id: newId('c'), ...FULL_FRAME, baseIso: 100 })}
      nameOf={thingName}
      detailOf={cameraDetail}
      put={putCamera}
      remove={removeCamera}
      restore={restoreCamera}
      editor={(camera, put) => <CameraEditor camera={camera} put={put} />}
    />
  );
}

function CameraEditor({ camera, put }: { camera: BagCamera; put: (camera: BagCamera) => void }) {
  return (
    <div role="group" aria-label={`Edit ${thingName(camera)}`} className="px-2 pt-1 pb-4">
      <div className="grid grid-cols-2 gap-3 md:grid-cols-4">
        <NameField className="col-span-2" name={camera.name} onName={(name) => put({ ...camera, name })} />
        <SensorSizeFields size={camera} onChange={(size) => put({ ...camera, ...size })} />
        <QuantityField
          label="Lowest ISO"
          quantity="iso"
          optional
          value={camera.lowestIso}
          placeholder="as the base"
          onValue={(lowestIso) => put({ ...camera, lowestIso })}
        />
        <QuantityField
          label="Pixel pitch"
          quantity="lengthMm"
          unit="µm"
          optional
          value={camera.pixelPitchUm}
          placeholder="not known"
          onValue={(pixelPitchUm) => put({ ...camera, pixelPitchUm })}
        />
      </div>
      <RoomFields
        camera={camera}
        iso={camera.baseIso ?? 100}
        onChange={(change) => put({ ...camera, ...change })}
      />
    </div>
  );
}
