import { Plus } from 'lucide-react';
import {
  type Bag,
  type BagCamera,
  freeId,
  MAX_GEAR,
  putCamera,
  removeCamera,
  restoreCamera,
  withArchived,
} from '@/model';
import { Button } from '@/ui/button';
import { ChoiceField, type Parsed, ParsedField } from '@/ui/field';
import { cameraDetail, thingName } from '@/words';
import { QuantityField } from '../quantity-field';
import { RoomFields } from '../room-fields';
import { sensorKey, sensorOptions, sensorSize } from '../sensors';
import { ItemRow } from './item-row';
import { removeWithUndo } from './remove-with-undo';
import { type BagEdit } from './use-bag-edit';

interface CameraListProps {
  bag: Bag;
  edit: BagEdit;
  open: string | null;
  setOpen: (id: string | null) => void;
}

/** The cameras: the sensor, and the room it has either way. */
export function CameraList({ bag, edit, open, setOpen }: CameraListProps) {
  const cameras = bag.cameras ?? [];
  const add = () => {
    const id = freeId('c', cameras);
    edit((b) =>
      putCamera(b, { id, name: 'full frame', sensorWidthMm: 36, sensorHeightMm: 24, baseIso: 100 }),
    );
    setOpen(id);
  };
  return (
    <section aria-labelledby="cameras" className="mt-8">
      <div className="mb-2 flex items-center gap-2">
        <h2 id="cameras" className="mr-auto text-lg font-semibold">
          Cameras
        </h2>
        <Button disabled={cameras.length >= MAX_GEAR} onClick={add}>
          <Plus size={18} aria-hidden /> Add a camera
        </Button>
      </div>
      {cameras.length ? (
        <ul aria-label="Cameras" className="border-t border-rule">
          {cameras.map((camera, index) => (
            <ItemRow
              key={camera.id}
              name={thingName(camera)}
              detail={`${cameraDetail(camera)}${camera.archived ? '; archived' : ''}`}
              open={open === camera.id}
              onToggle={() => setOpen(open === camera.id ? null : camera.id)}
              archived={!!camera.archived}
              onArchive={(archived) => edit((b) => putCamera(b, withArchived(camera, archived)))}
              onRemove={() =>
                removeWithUndo(edit, thingName(camera), {
                  remove: (b) => removeCamera(b, camera.id),
                  restore: (b) => restoreCamera(b, camera, index),
                })
              }
            >
              <CameraEditor camera={camera} put={(next) => edit((b) => putCamera(b, next))} />
            </ItemRow>
          ))}
        </ul>
      ) : (
        <p className="text-quiet">No camera yet. A stand begins with the one used last.</p>
      )}
    </section>
  );
}

function CameraEditor({ camera, put }: { camera: BagCamera; put: (camera: BagCamera) => void }) {
  return (
    <div role="group" aria-label={`Edit ${thingName(camera)}`} className="px-2 pt-1 pb-4">
      <div className="grid grid-cols-2 gap-3 md:grid-cols-4">
        <ParsedField
          label="Name"
          className="col-span-2"
          text={camera.name ?? ''}
          parse={(text): Parsed<string> => ({ ok: true, value: text.slice(0, 200) })}
          onValue={(name) => put({ ...camera, name })}
        />
        <ChoiceField
          label="Sensor"
          className="col-span-2"
          value={sensorKey(camera)}
          options={sensorOptions(camera)}
          onValue={(key) => {
            const size = sensorSize(key);
            if (size) put({ ...camera, ...size, name: camera.name });
          }}
        />
        <QuantityField
          label="Sensor width"
          quantity="lengthMm"
          unit="mm"
          value={camera.sensorWidthMm}
          onValue={(sensorWidthMm) => put({ ...camera, sensorWidthMm })}
        />
        <QuantityField
          label="Sensor height"
          quantity="lengthMm"
          unit="mm"
          value={camera.sensorHeightMm}
          onValue={(sensorHeightMm) => put({ ...camera, sensorHeightMm })}
        />
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
