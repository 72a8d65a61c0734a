import { type ReactNode } from 'react';
import { prefer } from '@/store';
import { Button } from '@/ui/button';
import { notSavedText, TEMPORARY_TEXT, WORKSPACE_TEXT } from '@/words';
import { saveBackup } from '../shared/save';
import { useDevice, usePreferences, useWorkspace, useWorkspaceState } from '../shared/workspace-context';

/** What must be told above the page; in the middle of a stand only what its work depends on. */
export function Banners({ inStand }: { inStand: boolean }) {
  const { workspace, isDemo, home } = useWorkspace();
  const problem = useWorkspaceState((s) => s.problem);
  const temporary = useWorkspaceState((s) => s.temporary);
  const backupDue = useWorkspaceState((s) => s.backupDue);
  const phase = useWorkspaceState((s) => s.phase);
  const takeUpdate = useDevice((d) => d.takeUpdate);
  const toldInsecure = usePreferences((p) => p.toldInsecure);
  const everything = () => void workspace.backupWithPhotos().then(saveBackup);
  if (phase !== 'ready') return null;
  const unsaved = problem && notSavedText(problem.fault);
  return (
    <>
      {unsaved && (
        <Banner isFault says={`${unsaved.what} ${unsaved.then}`}>
          <Button onClick={() => void workspace.retry()}>Try again</Button>
          <Button onClick={everything}>Save everything to a file</Button>
        </Banner>
      )}
      {temporary && !unsaved && (
        <Banner isFault says={TEMPORARY_TEXT}>
          <Button onClick={everything}>Save everything to a file</Button>
        </Banner>
      )}
      {!inStand && takeUpdate && (
        <Banner says={WORKSPACE_TEXT.newerVersionPaleSeam}>
          <Button onClick={takeUpdate}>Reload with it</Button>
        </Banner>
      )}
      {!inStand && !isDemo && workspace === home.workspace && backupDue && (
        <Banner says={WORKSPACE_TEXT.yourStandsKeptBrowser}>
          <Button onClick={everything}>Back up now</Button>
          <Button kind="quiet" onClick={() => workspace.reminded()}>
            Not this week
          </Button>
        </Banner>
      )}
      {!window.isSecureContext && !toldInsecure && (
        <Banner says={WORKSPACE_TEXT.pageCameOverPlain}>
          <Button onClick={() => prefer({ toldInsecure: true })}>Understood</Button>
        </Banner>
      )}
    </>
  );
}

function Banner({
  says,
  isFault = false,
  children,
}: {
  says: string;
  isFault?: boolean;
  children: ReactNode;
}) {
  return (
    <div
      role={isFault ? 'alert' : 'status'}
      className={`flex shrink-0 flex-wrap items-center gap-x-4 gap-y-1 border-b bg-panel px-4 py-1.5 desk:px-6 ${isFault ? 'border-fault text-fault' : 'border-rule'}`}
    >
      <p className="min-w-0 flex-1 basis-72">{says}</p>
      <div className="flex flex-wrap gap-2">{children}</div>
    </div>
  );
}
