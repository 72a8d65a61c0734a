import { format } from 'date-fns';
import { Copy, Download, EllipsisVertical, StepForward, Trash2 } from 'lucide-react';
import { type ReactNode, useMemo } from 'react';
import { Link } from 'react-router';
import { toast } from 'sonner';
import { useStore } from 'zustand';
import { bagForStand, deriveStand, isSheet, solutionKey } from '@/model';
import { GlassSwatch, StandDrawing } from '@/render';
import { isUpsideDown } from '@/core/optics';
import { type StandSummary } from '@/store';
import { Menu } from '@/ui/menu';
import { useTheme } from '@/ui/theme';
import { useNear } from '@/ui/use-near';
import { slipLine, slipOf } from '@/words';
import { archiveItem } from '../shared/archive-item';
import { useBag, useWorkspace } from '../workspace/workspace-context';
import { standKey } from '../shared/stand-path';
import { useFromStand } from '../shared/use-from-stand';

/** A stand in the list: its frame with the seam, the sheet, and its slip in a line; the answer waits until the row is near. */
export function StandRow({ id, updatedAt, document: kept }: StandSummary) {
  const { base } = useWorkspace();
  const { ref, isNear } = useNear<HTMLLIElement>();
  const { stand } = kept;
  const name = stand.name || 'without a name';
  const readings = `${stand.readings.length} ${stand.readings.length === 1 ? 'reading' : 'readings'}`;
  const head = <span className="block truncate text-lg font-semibold compact:text-base">{name}</span>;
  const foot = (
    <span className="block truncate text-sm text-quiet">
      {stand.lens.focalLengthMm} mm, {readings}; changed {format(new Date(updatedAt), 'd MMM yyyy, HH:mm')}
    </span>
  );
  return (
    <li ref={ref} className="flex items-center gap-1 border-b border-rule hover:bg-chosen">
      <Link
        to={`${base}/stands/${standKey(id)}`}
        className="flex min-h-20 min-w-0 flex-1 items-center gap-3 py-2 pl-1 desk:gap-4 desk:pl-2"
      >
        {isNear ? <Answered kept={kept} head={head} foot={foot} /> : <Laid head={head} foot={foot} />}
      </Link>
      {isNear && <RowMenu id={id} name={name} archived={!!stand.archived} />}
    </li>
  );
}

/** What a row shows of its answer, around its name and its foot. */
function Answered({ kept, head, foot }: { kept: StandSummary['document'] } & Ends) {
  const { summaries } = useWorkspace();
  const workspaceBag = useBag();
  const theme = useTheme((t) => t.theme);
  const { stand } = kept;
  const bag = useMemo(() => bagForStand(kept, workspaceBag), [kept, workspaceBag]);
  const key = useMemo(() => solutionKey(stand, bag), [stand, bag]);
  const solution = useStore(summaries.state, (s) => s.solutions.get(key)) ?? null;
  const derived = useMemo(() => deriveStand(stand, bag, solution), [stand, bag, solution]);
  const slip = slipOf({ stand, derived, search: solution ? 'idle' : 'working', oldestMinutes: null });
  const glass = derived.inUse;
  const sheets = glass?.seat ? glass.filters.filter(isSheet) : [];
  return (
    <Laid
      drawing={<StandDrawing stand={stand} seam={glass?.outcome.seam?.at ?? null} theme={theme} />}
      sheet={
        sheets.length > 0 && (
          <GlassSwatch filters={sheets} upsideDown={!!glass?.seat && isUpsideDown(glass.seat.turnDeg)} />
        )
      }
      head={head}
      line={slipLine(slip)}
      foot={foot}
    />
  );
}

interface Ends {
  head: ReactNode;
  foot: ReactNode;
}

/** The places of a row; those without their part keep their room. */
function Laid({
  drawing,
  sheet,
  head,
  line = '\u00a0',
  foot,
}: Ends & { drawing?: ReactNode; sheet?: ReactNode; line?: string }) {
  return (
    <>
      <span className="flex w-[86px] shrink-0 justify-center">{drawing}</span>
      <span className="flex w-[42px] shrink-0 justify-center compact:hidden">{sheet}</span>
      <span className="min-w-0 flex-1">
        {head}
        <span className="line-clamp-2">{line}</span>
        {foot}
      </span>
    </>
  );
}

function RowMenu({ id, name, archived }: { id: string; name: string; archived: boolean }) {
  const { workspace } = useWorkspace();
  const { goOn, exportFile } = useFromStand(id);
  const remove = () => {
    const undo = workspace.removeStand(id);
    toast(`“${name}” is deleted.`, { action: { label: 'Undo', onClick: undo }, duration: 10_000 });
  };
  const setArchived = (next: boolean) => {
    workspace.archiveStand(id, next);
    toast(next ? `“${name}” is in the archive.` : `“${name}” is back among the stands.`, {
      action: { label: 'Undo', onClick: () => workspace.archiveStand(id, !next) },
    });
  };
  return (
    <Menu
      label={`More about ${name}`}
      className="inline-flex size-11 shrink-0 items-center justify-center rounded-md hover:bg-panel"
      groups={[
        [
          { text: 'Next stand from here', icon: StepForward, onSelect: goOn },
          { text: 'Duplicate', icon: Copy, onSelect: () => void workspace.duplicateStand(id) },
          { text: 'Export to a file', icon: Download, onSelect: exportFile },
        ],
        [archiveItem(archived, setArchived), { text: 'Delete', icon: Trash2, onSelect: remove }],
      ]}
    >
      <EllipsisVertical size={18} aria-hidden />
    </Menu>
  );
}
