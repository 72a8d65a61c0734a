import { act, render } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { type Bag, solveStand, type Stand } from '@/model';
import { memoryStorage } from '@/persist';
import { createGlances, createWorkspace, type Workspace } from '@/store';
import { CommandKeys } from './command-keys';
import { type Clients, WorkspaceContext } from '@/views/shared/workspace-context';
import { StandPage } from '@/views/stand/stand-page';
import { StandsPage } from '@/views/stands/stands-page';
import { type JobKind, type Jobs, type WorkerClient } from '@/workers';
import { seededIds } from './ids';

/** A client whose work is done in the page, by the next turn. */
const atOnce = <K extends JobKind>(
  work: (input: Jobs[K]['input']) => Jobs[K]['output'],
): WorkerClient<K> => ({
  request: async (input) => ({ type: 'done', output: work(input) }),
  cancel: () => {},
  dispose: () => {},
});

const never = <K extends JobKind>(): WorkerClient<K> => ({
  request: () => new Promise(() => {}),
  cancel: () => {},
  dispose: () => {},
});

/** Workers of which only the search does its work, in the page. */
const CLIENTS: Clients = {
  solve: () => atOnce(({ stand, bag }) => solveStand(stand, bag)),
  glance: never,
  study: never,
  picture: never,
  skyline: never,
  compare: never,
  little: never,
  card: never,
  match: never,
  measure: never,
  scene: never,
};

/** What any part is told of its size, px. */
const BOX = { width: 900, height: 600 };
/** The frame of a camera of 36 by 24 mm is drawn in it at this size, px. */
export const DRAWN = { width: 824, height: (824 * 2) / 3 };

/** Height of a row of a list, px; anything else fills the box. */
const ROW_PX = 100;
function heightOf(this: HTMLElement): number {
  return this.tagName === 'LI' ? ROW_PX : BOX.height;
}

class SizeTeller implements ResizeObserver {
  constructor(private readonly tell: ResizeObserverCallback) {}
  observe(target: Element) {
    this.tell([{ target, contentRect: BOX } as unknown as ResizeObserverEntry], this);
  }
  unobserve() {}
  disconnect() {}
}

/** A workspace in memory that holds these stands, and their ids. */
async function workspaceOf(stands: readonly Stand[], bag?: Bag) {
  const workspace = createWorkspace({
    open: async () => memoryStorage(),
    newId: seededIds(1),
    now: () => new Date().toISOString(),
  });
  await workspace.load();
  if (bag) workspace.bag.edit(() => bag);
  const ids = stands.map((stand) => {
    const id = workspace.createStand();
    workspace.open(id)?.edit((d) => ({ ...d, stand: { ...stand, id } }));
    return id;
  });
  return { workspace, ids };
}

/** Shows a page of a workspace, with workers in the page. */
async function show(workspace: Workspace, path: string, clients: Clients): Promise<void> {
  globalThis.ResizeObserver = SizeTeller;
  Element.prototype.getBoundingClientRect = () => ({ left: 0, top: 0, ...DRAWN }) as DOMRect;
  const glances = createGlances(clients.glance(), workspace);
  const access = { workspace, base: '', isDemo: false, home: { workspace, base: '' }, glances, clients };
  await act(async () => {
    render(
      <WorkspaceContext value={access}>
        <MemoryRouter initialEntries={[path]}>
          <CommandKeys />
          <Routes>
            <Route path="/stands" element={<StandsPage />} />
            <Route path="/stands/:id" element={<StandPage />} />
          </Routes>
        </MemoryRouter>
      </WorkspaceContext>,
    );
  });
}

/**
 * Opens a stand on a screen of its own, with a workspace in memory and workers in the page.
 *
 * @param bag absent: the one that a workspace begins with, which is assumed
 */
export async function standOnScreen(stand: Stand, bag?: Bag): Promise<Workspace> {
  const { workspace, ids } = await workspaceOf([stand], bag);
  await show(workspace, `/stands/${ids[0]}`, CLIENTS);
  return workspace;
}

/**
 * Opens the list of stands, likewise; the last of them stands on top.
 *
 * @param glance who works out what the list shows of each
 */
export async function standsOnScreen(
  stands: readonly Stand[],
  glance: WorkerClient<'glance'>,
): Promise<Workspace> {
  const { workspace } = await workspaceOf(stands);
  Object.defineProperties(HTMLElement.prototype, {
    clientWidth: { configurable: true, get: () => BOX.width },
    clientHeight: { configurable: true, get: () => BOX.height },
    offsetHeight: { configurable: true, get: heightOf },
  });
  await show(workspace, '/stands', { ...CLIENTS, glance: () => glance });
  return workspace;
}
