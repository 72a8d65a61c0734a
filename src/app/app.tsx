import { Suspense, useEffect, useMemo } from 'react';
import { ErrorBoundary } from 'react-error-boundary';
import { BrowserRouter, Navigate, Outlet, Route, Routes, useLocation } from 'react-router';
import { createGlances, preferences, type Workspace } from '@/store';
import { bagAs } from '@/words';
import {
  compareClient,
  glanceClient,
  cardClient,
  littleClient,
  matchClient,
  measureClient,
  photoClient,
  sceneClient,
  skylineClient,
  solveClient,
  studyClient,
} from '@/workers';
import { Shell } from '@/views/workspace/shell';
import { type Clients, WorkspaceContext } from '@/views/shared/workspace-context';
import { StandsPage } from '@/views/stands/stands-page';
import { BrokenPage, BrokenView } from './broken';
import { askToPersist } from './offline';
import { pageOfItsOwn } from './page-of-its-own';
import { openWorkspace, type WorkspaceName } from './workspaces';

const loadStandPage = () => import('@/views/stand/stand-page');
const StandPage = pageOfItsOwn(() => loadStandPage().then((m) => m.StandPage));
const BagPage = pageOfItsOwn(() => import('@/views/bag/bag-page').then((m) => m.BagPage));
const LedgerPage = pageOfItsOwn(() => import('@/views/ledger/ledger-page').then((m) => m.LedgerPage));
const OutingsPage = pageOfItsOwn(() => import('@/views/outings/outings-page').then((m) => m.OutingsPage));
const OutingPage = pageOfItsOwn(() => import('@/views/outing/outing-page').then((m) => m.OutingPage));
const OutingCardPage = pageOfItsOwn(() =>
  import('@/views/outing/outing-card-page').then((m) => m.OutingCardPage),
);
const BenchPage = pageOfItsOwn(() => import('@/views/bench/bench-page').then((m) => m.BenchPage));
const CarryPage = pageOfItsOwn(() => import('@/views/carry/carry-page').then((m) => m.CarryPage));
const CardsPage = pageOfItsOwn(() => import('@/views/card/cards-page').then((m) => m.CardsPage));
const SettingsPage = pageOfItsOwn(() => import('@/views/settings/settings-page').then((m) => m.SettingsPage));

const CLIENTS: Clients = {
  solve: solveClient,
  glance: glanceClient,
  study: studyClient,
  picture: photoClient,
  skyline: skylineClient,
  compare: compareClient,
  little: littleClient,
  card: cardClient,
  match: matchClient,
  measure: measureClient,
  scene: sceneClient,
};

// the list of stands comes first, and what a stand is opened with right after it
setTimeout(() => void loadStandPage().catch(() => undefined));

interface Home {
  readonly name: WorkspaceName;
  /** Where its pages lie. */
  readonly base: string;
}
const OWN: Home = { name: 'own', base: '' };
const DEMO: Home = { name: 'demo', base: '/demo' };

/** The routes: the photographer's own workspace at the root, the demo's under /demo, and a bench in each. */
export function App() {
  return (
    <ErrorBoundary FallbackComponent={BrokenPage}>
      <BrowserRouter>
        <Routes>
          <Route path="/demo/bench" element={<WorkspaceRoot name="bench" base="/demo/bench" home={DEMO} />}>
            {benchPages('/demo/bench')}
          </Route>
          <Route path="/demo" element={<WorkspaceRoot {...DEMO} home={DEMO} />}>
            {pages('/demo')}
          </Route>
          <Route path="/bench" element={<WorkspaceRoot name="bench" base="/bench" home={OWN} />}>
            {benchPages('/bench')}
          </Route>
          <Route path="/" element={<WorkspaceRoot {...OWN} home={OWN} />}>
            {pages('')}
          </Route>
        </Routes>
      </BrowserRouter>
    </ErrorBoundary>
  );
}

function pages(base: string) {
  return (
    <Route element={<Page />}>
      <Route index element={<Navigate to={`${base}/stands`} replace />} />
      <Route path="stands" element={<StandsPage />} />
      <Route path="stands/:id" element={<StandPage />} />
      <Route path="outings" element={<OutingsPage />} />
      <Route path="outings/:id" element={<OutingPage />} />
      <Route path="outings/:id/card" element={<OutingCardPage />} />
      <Route path="bag" element={<BagPage />} />
      <Route path="ledger" element={<LedgerPage />} />
      <Route path="cards" element={<CardsPage />} />
      <Route path="carry" element={<CarryPage />} />
      <Route path="settings" element={<SettingsPage />} />
      <Route path="*" element={<Navigate to={`${base}/stands`} replace />} />
    </Route>
  );
}

/** The bench has a list of its own, and opens what is practised as any other stand. */
function benchPages(base: string) {
  return (
    <Route element={<Page />}>
      <Route index element={<BenchPage />} />
      <Route path="stands/:id" element={<StandPage />} />
      <Route path="*" element={<Navigate to={base} replace />} />
    </Route>
  );
}

/** A page of its own boundary: when it fails, the way to the others stays. */
function Page() {
  const { pathname } = useLocation();
  return (
    <ErrorBoundary FallbackComponent={BrokenView} resetKeys={[pathname]}>
      <Suspense fallback={<p className="appear-late p-8 text-quiet">Opening…</p>}>
        <Outlet />
      </Suspense>
    </ErrorBoundary>
  );
}

/** Writes at once when the page goes out of sight, which may never come back, and warns before what is not saved is left. */
function useSafeLeave(workspace: Workspace): void {
  useEffect(() => {
    const retry = () => {
      if (document.visibilityState === 'visible') void workspace.retry();
      else workspace.flush();
    };
    const warn = (event: BeforeUnloadEvent) => {
      if (workspace.state.getState().saving !== 'saved') event.preventDefault();
    };
    document.addEventListener('visibilitychange', retry);
    addEventListener('beforeunload', warn);
    return () => {
      document.removeEventListener('visibilitychange', retry);
      removeEventListener('beforeunload', warn);
    };
  }, [workspace]);
}

function WorkspaceRoot({ name, base, home }: Home & { home: Home }) {
  const workspace = useMemo(() => openWorkspace(name), [name]);
  useEffect(() => {
    void workspace.load();
    // from the bench one may bring one's own glass
    void openWorkspace(home.name).load();
  }, [workspace, home]);
  useEffect(
    () =>
      // there is something to lose once a stand of one's own is there
      workspace.state.subscribe(({ stands }) => {
        if (name === 'own' && stands.length) void askToPersist();
      }),
    [workspace, name],
  );
  useSafeLeave(workspace);
  const access = useMemo(
    () => ({
      workspace,
      base,
      isDemo: name === 'demo',
      home: { workspace: openWorkspace(home.name), base: home.base },
      glances: createGlances(CLIENTS.glance(), {
        findPhoto: (sha256) => workspace.findPhoto(sha256),
        dress: (bag) => bagAs(bag, preferences.getState().strengthsAs),
      }),
      clients: CLIENTS,
    }),
    [workspace, base, name, home],
  );
  useEffect(() => {
    // what was worked out calls glass by the names that it had then
    const end = preferences.subscribe((now, before) => {
      if (now.strengthsAs !== before.strengthsAs) access.glances.forget();
    });
    return () => {
      end();
      access.glances.dispose();
    };
  }, [access]);
  return (
    <WorkspaceContext value={access}>
      <Shell />
    </WorkspaceContext>
  );
}
