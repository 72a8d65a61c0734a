import { CARRY_TEXT } from '@/words';
import { useMemo, useState } from 'react';
import { Link, useLocation, useNavigate } from 'react-router';
import { type FileError, readCarried } from '@/store';
import { Button } from '@/ui/button';
import { standKey } from '../shared/stand-path';
import { useWorkspace } from '../shared/workspace-context';

/** Where a link leads that carries a stand: what it brings, and whether it is to stand here. */
export function CarryPage() {
  const { workspace, base } = useWorkspace();
  const { hash } = useLocation();
  const navigate = useNavigate();
  const carried = useMemo(() => readCarried(hash.slice(1)), [hash]);
  const [fault, setFault] = useState<FileError | null>(null);
  const problem = carried.ok ? fault : carried.error;
  const open = () => {
    if (!carried.ok) return;
    const brought = workspace.importStand(carried.value.file);
    if (brought.ok) void navigate(`${base}/stands/${standKey(brought.value)}`, { replace: true });
    else setFault(brought.error);
  };
  return (
    <div className="mx-auto max-w-xl space-y-4 px-4 py-8">
      <title>{CARRY_TEXT.standCarriedPaleSeam}</title>
      <h1 className="text-2xl font-semibold">
        {carried.ok
          ? `“${carried.value.name || 'without a name'}” is carried here`
          : 'Nothing could be carried here'}
      </h1>
      {problem ? (
        <>
          <p role="alert" className="text-fault">
            {problem.path && `${problem.path}: `}
            {problem.message}.
          </p>
          <p className="text-quiet">{CARRY_TEXT.nothingChangedAskLink}</p>
        </>
      ) : (
        <p className="text-quiet">{CARRY_TEXT.becomesStandYoursBeside}</p>
      )}
      <div className="flex flex-wrap gap-2">
        {carried.ok && (
          <Button kind="action" onClick={open}>
            Open it here
          </Button>
        )}
        <Link
          to={`${base}/stands`}
          className="inline-flex min-h-11 items-center rounded-md border border-edge px-3.5 hover:bg-chosen"
        >
          {carried.ok ? 'Leave it' : 'To the stands'}
        </Link>
      </div>
    </div>
  );
}
