import { useEffect, useMemo } from 'react';
import { ErrorBoundary, type FallbackProps } from 'react-error-boundary';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router';
import { Button } from '@/ui/button';
import { BagPage } from '@/views/bag/bag-page';
import { Shell } from '@/views/shell/shell';
import { WorkspaceContext } from '@/views/shell/workspace-context';
import { StandPage } from '@/views/stand/stand-page';
import { StandsPage } from '@/views/stands/stands-page';
import { openWorkspace, type WorkspaceName } from './workspaces';

/** The routes: the photographer's own workspace at the root, the demo's under /demo. */
export function App() {
  return (
    <BrowserRouter>
      <Routes>
        <Route path="/demo" element={<WorkspaceRoot name="demo" base="/demo" />}>
          {pages('/demo')}
        </Route>
        <Route path="/" element={<WorkspaceRoot name="own" base="" />}>
          {pages('')}
        </Route>
      </Routes>
    </BrowserRouter>
  );
}

function pages(base: string) {
  return (
    <>
      <Route index element={<Navigate to={`${base}/stands`} replace />} />
      <Route path="stands" element={<StandsPage />} />
      <Route path="stands/:id" element={<StandPage />} />
      <Route path="bag" element={<BagPage />} />
      <Route path="*" element={<Navigate to={`${base}/stands`} replace />} />
    </>
  );
}

function WorkspaceRoot({ name, base }: { name: WorkspaceName; base: string }) {
  const workspace = useMemo(() => openWorkspace(name), [name]);
  useEffect(() => {
    void workspace.load();
  }, [workspace]);
  const access = useMemo(() => ({ workspace, base, isDemo: name === 'demo' }), [workspace, base, name]);
  return (
    <ErrorBoundary FallbackComponent={Broken}>
      <WorkspaceContext value={access}>
        <Shell />
      </WorkspaceContext>
    </ErrorBoundary>
  );
}

/** What is left when a view fails: what happened, that the work is safe, and the way on. */
function Broken({ error, resetErrorBoundary }: FallbackProps) {
  return (
    <div role="alert" className="max-w-xl space-y-4 p-8">
      <h1 className="text-xl font-semibold">This screen has failed</h1>
      <p>Your stands are safe: every change was saved as it was made.</p>
      <p className="font-mono text-sm text-quiet">{error instanceof Error ? error.message : String(error)}</p>
      <Button kind="action" onClick={resetErrorBoundary}>
        Open it again
      </Button>
    </div>
  );
}
