import { APP_TEXT } from '@/words';
import { useEffect } from 'react';
import { type FallbackProps } from 'react-error-boundary';
import { Button } from '@/ui/button';
import { saveBackup } from '@/views/shared/save';
import { useWorkspace, useWorkspaceState } from '@/views/shared/workspace-context';
import { NotOnDevice } from './page-of-its-own';

/** What is left when a view fails: what happened, that the work is safe, and the way on. */
export function BrokenView(props: FallbackProps) {
  const { error } = props;
  return error instanceof NotOnDevice ? <NotHereYet {...props} error={error} /> : <FailedView {...props} />;
}

/** The page was never fetched, and the network is away: it comes by itself once that is back. */
function NotHereYet({ error, resetErrorBoundary }: FallbackProps & { error: NotOnDevice }) {
  useEffect(() => {
    error.forget();
    addEventListener('online', resetErrorBoundary);
    return () => removeEventListener('online', resetErrorBoundary);
  }, [error, resetErrorBoundary]);
  return (
    <div role="alert" className="max-w-xl space-y-4 p-8">
      <h1 className="text-xl font-semibold">{APP_TEXT.pageNotDeviceYet}</h1>
      <p>{APP_TEXT.networkWentAwayBefore}</p>
      <Button kind="action" onClick={resetErrorBoundary}>
        Try again
      </Button>
    </div>
  );
}

function FailedView({ error, resetErrorBoundary }: FallbackProps) {
  const { workspace } = useWorkspace();
  const saving = useWorkspaceState((s) => s.saving);
  return (
    <div role="alert" className="max-w-xl space-y-4 p-8">
      <h1 className="text-xl font-semibold">This screen has failed</h1>
      <p>{saving === 'failed' ? APP_TEXT.lastChangeNotStored : APP_TEXT.yourStandsYourBag}</p>
      <p className="font-mono text-sm break-words text-quiet">
        {error instanceof Error ? error.message : String(error)}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button kind="action" onClick={resetErrorBoundary}>
          Open it again
        </Button>
        <Button onClick={() => void workspace.backup().then(saveBackup)}>Save everything to a file</Button>
        <Button onClick={() => location.reload()}>Reload the page</Button>
      </div>
    </div>
  );
}

/** What is left when even the shell fails. */
export function BrokenPage({ error }: FallbackProps) {
  return (
    <div role="alert" className="max-w-xl space-y-4 p-8">
      <h1 className="text-xl font-semibold">Pale Seam has failed</h1>
      <p>{APP_TEXT.savedSafeBrowserReload}</p>
      <p className="font-mono text-sm break-words text-quiet">
        {error instanceof Error ? error.message : String(error)}
      </p>
      <Button kind="action" onClick={() => location.reload()}>
        Reload the page
      </Button>
    </div>
  );
}
