import { FRAME_TEXT } from '@/words';
import { Plus, Trash2 } from 'lucide-react';
import {
  addSkylinePoint,
  MAX_POINTS,
  midpointAfter,
  moveSkylinePoint,
  removeSkylinePoint,
  type Stand,
} from '@/model';
import { Button } from '@/ui/button';
import { Fold } from '@/ui/fold';
import { useTouch } from '@/ui/use-media';
import { NameField } from '../../shared/name-field';
import { PercentField } from '../../shared/percent-field';
import { useEdit, useSession, useStand } from '../session';

/** More points than this are folded away at first. */
const FEW_POINTS = 4;

/** The skyline's points as figures, for those who type. */
export function SkylineList() {
  const stand = useStand();
  const edit = useEdit();
  const selection = useSession((s) => s.selection);
  const { skyline } = stand;
  const byTouch = useTouch();
  return (
    <fieldset>
      <legend className="font-semibold">Skyline</legend>
      <p className="mb-2 text-sm text-quiet">
        {FRAME_TEXT.liesAboveHeldBack} {byTouch ? FRAME_TEXT.tapAddPointDrag : FRAME_TEXT.clickAddPointDrag}
      </p>
      <Fold summary={<>What is held back: {stand.skyName ?? 'the sky'}</>}>
        <NameField
          label={FRAME_TEXT.heldBackIfNo}
          className="mb-2"
          name={stand.skyName}
          placeholder="sky"
          hint={stand.skyName ? undefined : FRAME_TEXT.foliageAboveFallWhite}
          longest={60}
          onName={(text) => edit((s) => ({ ...s, skyName: text || undefined }))}
        />
      </Fold>
      <Fold open={skyline.length <= FEW_POINTS} summary={<>{skyline.length} points as figures</>}>
        <ol className="space-y-1.5">
          {skyline.map((point, i) => (
            <PointRow key={i} point={point} index={i} />
          ))}
        </ol>
      </Fold>
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

function PointRow({ point, index }: { point: Stand['skyline'][number]; index: number }) {
  const edit = useEdit();
  const count = useStand((s) => s.skyline.length);
  const select = useSession((s) => s.select);
  const isSelected = useSession((s) => s.selection?.kind === 'point' && s.selection.index === index);
  return (
    <li
      className={`flex items-center gap-2 rounded-md ${isSelected ? 'bg-chosen' : ''}`}
      onFocus={() => select({ kind: 'point', index })}
    >
      <span className="w-6 text-right font-mono text-sm text-quiet">{index + 1}</span>
      <PercentField
        label={`Point ${index + 1}, across`}
        hideLabel
        unit="% across"
        className="flex-1"
        value={point.u}
        onValue={(u) => edit((s) => moveSkylinePoint(s, index, { u, v: point.v }))}
      />
      <PercentField
        label={`Point ${index + 1}, down`}
        hideLabel
        unit="% down"
        className="flex-1"
        value={point.v}
        onValue={(v) => edit((s) => moveSkylinePoint(s, index, { u: point.u, v }))}
      />
      <Button
        kind="quiet"
        className="w-11 shrink-0 !px-0"
        aria-label={`Remove point ${index + 1}`}
        disabled={count <= 2}
        onClick={() => edit((s) => removeSkylinePoint(s, index))}
      >
        <Trash2 size={18} aria-hidden />
      </Button>
    </li>
  );
}
