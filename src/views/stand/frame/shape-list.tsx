import { Mountain, Plus, Trash2 } from 'lucide-react';
import { ROLES, type FeatureTreatment, type Region } from '@/core/field';
import {
  changeShape,
  markFeatures,
  MAX_SHAPES,
  proposedFeatures,
  removeShape,
  type StandShape,
} from '@/model';
import { Button } from '@/ui/button';
import { ChoiceField } from '@/ui/field';
import { ROLE_NAMES } from '../parts/roles';
import { OutlineTools } from './outline-tools';
import { shapeName, FRAME_TEXT } from '@/words';
import { NameField } from '../../shared/name-field';
import { useNewId } from '../../shared/workspace-context';
import { useEdit, useSession, useStand } from '../session';

const REGIONS: readonly (readonly [Region, string])[] = [
  ...ROLES.map((role) => [role, ROLE_NAMES[role].toLowerCase()] as const),
  ['ignore', 'leave out of account'],
];

const TREATMENTS: readonly (readonly [FeatureTreatment | '', string])[] = [
  ['', 'as its own light asks'],
  ['protect', 'protect: nothing off it'],
  ['tame', FRAME_TEXT.tameHeldBackLike],
  ['silhouette', 'silhouette: may go black'],
];

/** What is marked in the frame: trees, peaks, water; each with what is wanted of it. */
export function ShapeList() {
  const stand = useStand();
  const edit = useEdit();
  const outline = useSession((s) => s.outline);
  const setOutline = useSession((s) => s.setOutline);
  const select = useSession((s) => s.select);
  const newId = useNewId();
  const shapes = stand.shapes ?? [];
  const proposed = proposedFeatures(stand).length;
  return (
    <fieldset>
      <legend className="font-semibold">Marked in the frame</legend>
      <p className="mb-2 text-sm text-quiet">{FRAME_TEXT.outlineStandsThroughSkyline}</p>
      <ul className="space-y-3">
        {shapes.map((shape) => (
          <Shape key={shape.id} shape={shape} />
        ))}
      </ul>
      {!outline && proposed > 0 && (
        <Button className="mt-2 w-full" onClick={() => edit((s) => markFeatures(s, newId))}>
          <Mountain size={18} aria-hidden /> Mark{' '}
          {proposed === 1 ? 'what stands' : `the ${proposed} that stand`} up from the skyline
        </Button>
      )}
      {outline ? (
        <OutlineTools />
      ) : (
        <Button
          className="mt-2 w-full"
          disabled={shapes.length >= MAX_SHAPES}
          onClick={() => {
            select(null);
            setOutline([]);
          }}
        >
          <Plus size={18} aria-hidden /> Outline a shape
        </Button>
      )}
    </fieldset>
  );
}

function Shape({ shape }: { shape: StandShape }) {
  const stand = useStand();
  const edit = useEdit();
  const selection = useSession((s) => s.selection);
  const select = useSession((s) => s.select);
  const { id, name, region, treat } = shape;
  const called = shapeName(id, stand.shapes);
  const selected = selection?.kind === 'shape' && selection.id === id;
  const change = (next: Partial<StandShape>) => edit((s) => changeShape(s, id, next));
  return (
    <li
      className={`grid grid-cols-[1fr_1fr_auto] items-end gap-2 rounded-md ${selected ? 'bg-chosen' : ''}`}
      onFocus={() => select({ kind: 'shape', id })}
    >
      <NameField
        label={`Name of ${called}`}
        name={name}
        placeholder="firs"
        onName={(text) => change({ name: text || undefined })}
      />
      <ChoiceField
        label={`What ${called} is`}
        value={region}
        options={REGIONS}
        onValue={(next) => change({ region: next })}
      />
      <Button
        kind="quiet"
        className="w-11 !px-0"
        aria-label={`Delete ${called}`}
        onClick={() => {
          select(null);
          edit((s) => removeShape(s, id));
        }}
      >
        <Trash2 size={18} aria-hidden />
      </Button>
      {region === 'feature' && (
        <ChoiceField
          label={`Treatment of ${called}`}
          className="col-span-2"
          value={treat ?? ''}
          options={TREATMENTS}
          onValue={(next) => change({ treat: next === '' ? undefined : next })}
        />
      )}
    </li>
  );
}
