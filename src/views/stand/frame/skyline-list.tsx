import { Plus, Trash2 } from 'lucide-react';
import { addSkylinePoint, MAX_POINTS, midpointAfter, moveSkylinePoint, removeSkylinePoint } from '@/model';
import { Button } from '@/ui/button';
import { ParsedField, type Parsed } from '@/ui/field';
import { Fold } from '@/ui/fold';
import { parsePercent, percentFigure } from '../../shared/parse';
import { useEdit, useSession, useStand } from '../session';

/** More points than this are folded away at first. */
const FEW_POINTS = 4;

/** The skyline's points as figures, for those who type. */
export function SkylineList() {
  const stand = useStand();
  const edit = useEdit();
  const select = useSession((s) => s.select);
  const selection = useSession((s) => s.selection);
  const { skyline } = stand;
  return (
    <fieldset>
      <legend className="font-semibold">Skyline</legend>
      <p className="mb-2 text-sm text-quiet">
        What lies above it is held back. Draw along it in the frame to lay a stretch anew, or click to add a
        point; drag a point to move it, Delete removes it. Arrow keys move the one in focus.
      </p>
      <ParsedField
        label="What is held back, if it is no sky"
        className="mb-2"
        text={stand.skyName ?? ''}
        placeholder="sky"
        hint={stand.skyName ? undefined : 'foliage above a fall, a white cliff, the upper half of a sky'}
        parse={(text): Parsed<string> => ({ ok: true, value: text.slice(0, 60) })}
        onValue={(text) => edit((s) => ({ ...s, skyName: text || undefined }))}
      />
      <Fold open={skyline.length <= FEW_POINTS} summary={<>{skyline.length} points as figures</>}>
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
