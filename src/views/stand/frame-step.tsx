import { Plus, Trash2 } from 'lucide-react';
import { estimatedPupilToFilterMm } from '@/core/optics';
import {
  addSkylinePoint,
  type Camera,
  MAX_POINTS,
  MAX_TEXT,
  midpointAfter,
  moveSkylinePoint,
  type Orientation,
  removeSkylinePoint,
} from '@/model';
import { Button } from '@/ui/button';
import { ChoiceField, ParsedField } from '@/ui/field';
import { Segmented } from '@/ui/segmented';
import { ApertureField, IsoField } from '../exposure-fields';
import { parsePercent, percentFigure } from '../parse';
import { QuantityField } from '../quantity-field';
import { useStand } from './stand-context';

/** Sensor sizes by their common names, mm. */
const SENSORS = [
  ['full', 'full frame, 36 × 24', 36, 24],
  ['three-quarter', 'crop, 23.5 × 15.6', 23.5, 15.6],
  ['half', 'half frame, 17.3 × 13', 17.3, 13],
  ['medium', 'medium format, 44 × 33', 44, 33],
] as const;
type SensorKey = (typeof SENSORS)[number][0] | 'own';

const sensorKey = ({ sensorWidthMm: w, sensorHeightMm: h }: Camera): SensorKey =>
  SENSORS.find(([, , width, height]) => width === w && height === h)?.[0] ?? 'own';

/** Step 1: camera, lens and skyline. */
export function FrameStep() {
  const { stand, edit } = useStand();
  const { camera, lens, exposure } = stand;
  const setCamera = (change: Partial<Camera>) => edit((s) => ({ ...s, camera: { ...s.camera, ...change } }));
  const sensor = sensorKey(camera);
  return (
    <div className="space-y-5">
      <div className="grid grid-cols-2 gap-3">
        <ChoiceField
          label="Sensor"
          className="col-span-2"
          value={sensor}
          options={[
            ...SENSORS.map(([key, text]) => [key, text] as const),
            ['own', `own size, ${camera.sensorWidthMm} × ${camera.sensorHeightMm}`] as const,
          ]}
          onValue={(key) => {
            const known = SENSORS.find(([k]) => k === key);
            if (known)
              setCamera({
                name: known[1].split(',')[0],
                sensorWidthMm: known[2],
                sensorHeightMm: known[3],
              });
          }}
        />
        <QuantityField
          label="Sensor width"
          quantity="lengthMm"
          unit="mm"
          value={camera.sensorWidthMm}
          onValue={(sensorWidthMm) => setCamera({ sensorWidthMm })}
        />
        <QuantityField
          label="Sensor height"
          quantity="lengthMm"
          unit="mm"
          value={camera.sensorHeightMm}
          onValue={(sensorHeightMm) => setCamera({ sensorHeightMm })}
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
        <QuantityField
          label="Focal length"
          quantity="focalLengthMm"
          unit="mm"
          value={lens.focalLengthMm}
          onValue={(focalLengthMm) => edit((s) => ({ ...s, lens: { ...s.lens, focalLengthMm } }))}
        />
        <QuantityField
          label="Pupil to filter"
          quantity="lengthMm"
          unit="mm"
          optional
          value={lens.pupilToFilterMm}
          placeholder={`about ${estimatedPupilToFilterMm(lens.focalLengthMm)}`}
          onValue={(pupilToFilterMm) =>
            edit((s) => {
              const { pupilToFilterMm: _, ...rest } = s.lens;
              return { ...s, lens: pupilToFilterMm === undefined ? rest : { ...rest, pupilToFilterMm } };
            })
          }
          hint={lens.pupilToFilterMm === undefined ? 'estimated, good to a fifth' : undefined}
        />
        <ApertureField
          value={exposure.aperture}
          onValue={(aperture) => edit((s) => ({ ...s, exposure: { ...s.exposure, aperture } }))}
        />
        <IsoField
          value={exposure.iso}
          onValue={(iso) => edit((s) => ({ ...s, exposure: { ...s.exposure, iso } }))}
        />
      </div>
      <SkylineList />
      <Notes />
    </div>
  );
}

/** What to watch, what to leave out, whom to ask. */
function Notes() {
  const { stand, edit, document } = useStand();
  return (
    <label className="block">
      <span className="mb-1 block text-sm text-quiet">Notes</span>
      <textarea
        rows={3}
        maxLength={MAX_TEXT}
        value={stand.notes ?? ''}
        onFocus={() => document.beginGesture()}
        onBlur={() => document.endGesture()}
        onChange={(e) => edit((s) => ({ ...s, notes: e.target.value }))}
        className="w-full rounded-md border border-edge bg-panel px-2.5 py-2"
      />
    </label>
  );
}

/** The skyline's points as figures, for those who type. */
function SkylineList() {
  const { stand, edit, select, selection } = useStand();
  const { skyline } = stand;
  return (
    <fieldset>
      <legend className="font-semibold">Skyline</legend>
      <p className="mb-2 text-sm text-quiet">
        Click the frame to add a point, drag it along the skyline, Delete removes it. Arrow keys move the one
        in focus.
      </p>
      <ol className="space-y-1.5">
        {skyline.map((point, i) => (
          <li
            key={i}
            className={`flex items-center gap-2 rounded-md ${selection?.kind === 'point' && selection.index === i ? 'bg-chosen' : ''}`}
            onFocus={() => select({ kind: 'point', index: i })}
          >
            <span className="w-6 text-right font-mono text-sm text-quiet">{i + 1}</span>
            <ParsedField
              label={`Point ${i + 1}, across`}
              hideLabel
              unit="% across"
              inputMode="decimal"
              className="flex-1"
              text={percentFigure(point.u)}
              parse={parsePercent}
              onValue={(u) => edit((s) => moveSkylinePoint(s, i, { u, v: point.v }))}
            />
            <ParsedField
              label={`Point ${i + 1}, down`}
              hideLabel
              unit="% down"
              inputMode="decimal"
              className="flex-1"
              text={percentFigure(point.v)}
              parse={parsePercent}
              onValue={(v) => edit((s) => moveSkylinePoint(s, i, { u: point.u, v }))}
            />
            <Button
              kind="quiet"
              className="w-11 shrink-0 !px-0"
              aria-label={`Remove point ${i + 1}`}
              disabled={skyline.length <= 2}
              onClick={() => edit((s) => removeSkylinePoint(s, i))}
            >
              <Trash2 size={18} aria-hidden />
            </Button>
          </li>
        ))}
      </ol>
      <Button
        className="mt-2 w-full"
        disabled={skyline.length >= MAX_POINTS}
        onClick={() => {
          const at = selection?.kind === 'point' ? Math.min(selection.index, skyline.length - 1) : 0;
          edit((s) => addSkylinePoint(s, midpointAfter(s.skyline, at)));
        }}
      >
        <Plus size={18} aria-hidden /> Add a point
      </Button>
    </fieldset>
  );
}
