import { useMemo } from 'react';
import { toast } from 'sonner';
import { bagAtLens, bagForStand, type Stand, type Take, withStand, withTakeInTime } from '@/model';
import { readTakesCsv, type TakeRow } from '@/store';
import { filterName, momentText, takeSettingsText } from '@/words';
import { UnderstoodLines } from '../shared/understood-lines';
import { useBag, useNewId, useWorkspace, useWorkspaceState } from '../shared/workspace-context';

interface ShotsTableProps {
  name: string;
  text: string;
  onClose: () => void;
}

/** A table of shots as it was understood, shown before any of it becomes a shot of its stand. */
export function ShotsTable({ name, text, onClose }: ShotsTableProps) {
  const stands = useWorkspaceState((s) => s.stands);
  const bag = useBag();
  const rows = useMemo(() => {
    const known = stands.map(({ document }) => ({
      stand: document.stand,
      bag: bagAtLens(document.stand, bagForStand(document, bag)),
    }));
    return readTakesCsv(text, known, filterName);
  }, [stands, bag, text]);
  const take = useTakeRows();
  const fresh = rows.filter((r) => r.ok && !r.isKnown);
  return (
    <UnderstoodLines
      title={`Shots from ${name}`}
      rows={rows}
      show={({ stand, take: shot, isKnown }) => (
        <>
          <span className="font-semibold">{stand.name || 'without a name'}</span>{' '}
          <span className="text-sm text-quiet">
            {takeSettingsText(shot)}, {momentText(shot.takenAt)}
            {isKnown && '; it is there already'}
          </span>
        </>
      )}
      take={`Take ${fresh.length} ${fresh.length === 1 ? 'shot' : 'shots'}`}
      count={fresh.length}
      onTake={() => take(fresh)}
      onClose={onClose}
    />
  );
}

/** Makes lines shots of their stands, each in its place in time; records that no undo takes. */
function useTakeRows(): (rows: readonly TakeRow[]) => void {
  const { workspace } = useWorkspace();
  const bag = useBag();
  const newId = useNewId();
  return (rows) => {
    const byStand = new Map<string, Take[]>();
    for (const row of rows)
      if (row.ok)
        byStand.set(row.stand.id, [...(byStand.get(row.stand.id) ?? []), { ...row.take, id: newId('k') }]);
    for (const [standId, takes] of byStand)
      workspace.open(standId)?.record((document) =>
        withStand(
          document,
          takes.reduce((stand: Stand, take) => withTakeInTime(stand, take), document.stand),
          bag,
        ),
      );
    toast(`${rows.length} ${rows.length === 1 ? 'shot stands' : 'shots stand'} with their stands.`);
  };
}
