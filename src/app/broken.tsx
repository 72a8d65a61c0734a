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
      <h1 className="text-xl font-semibold">This page is not on this device yet</h1>
      <p>
        The network went away before all of Pale Seam was kept here. What you have opened already works on;
        this page comes as soon as there is a network again. Nothing is lost.
      </p>
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
      <p>
        {saving === 'failed'
          ? 'The last change is not stored yet: save everything to a file before anything else. All that was saved before is safe.'
          : 'Your stands and your bag are safe: every change was saved as it was made.'}
      </p>
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
      <p>What was saved is safe in this browser. Reload the page to go on.</p>
      <p className="font-mono text-sm break-words text-quiet">
        {error instanceof Error ? error.message : String(error)}
      </p>
      <Button kind="action" onClick={() => location.reload()}>
        Reload the page
      </Button>
    </div>
  );
}
