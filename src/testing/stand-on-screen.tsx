import { act, render } from '@testing-library/react';
import { MemoryRouter, Route, Routes } from 'react-router';
import { type Bag, sampleBag, solveStand, type Stand } from '@/model';
import { memoryStorage } from '@/persist';
import { createSummaries, createWorkspace, type Workspace } from '@/store';
import { type Clients, WorkspaceContext } from '@/views/workspace/workspace-context';
import { StandPage } from '@/views/stand/stand-page';
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
  study: never,
  picture: never,
  skyline: never,
};

/** What any part is told of its size, px. */
const BOX = { width: 900, height: 600 };
/** The frame of a camera of 36 by 24 mm is drawn in it at this size, px. */
export const DRAWN = { width: 824, height: (824 * 2) / 3 };

class SizeTeller implements ResizeObserver {
  constructor(private readonly tell: ResizeObserverCallback) {}
  observe(target: Element) {
    this.tell([{ target, contentRect: BOX } as unknown as ResizeObserverEntry], this);
  }
  unobserve() {}
  disconnect() {}
}

/** Opens a stand on a screen of its own, with a workspace in memory and workers in the page. */
export async function standOnScreen(stand: Stand, bag: Bag = sampleBag()): Promise<Workspace> {
  globalThis.ResizeObserver = SizeTeller;
  Element.prototype.getBoundingClientRect = () => ({ left: 0, top: 0, ...DRAWN }) as DOMRect;
  const workspace = createWorkspace({
    open: async () => memoryStorage(),
    newId: seededIds(1),
    now: () => new Date().toISOString(),
  });
  await workspace.load();
  workspace.bag.edit(() => bag);
  const id = workspace.createStand();
  workspace.open(id)?.edit((d) => ({ ...d, stand: { ...stand, id } }));
  const access = {
    workspace,
    base: '',
    isDemo: false,
    summaries: createSummaries(CLIENTS.solve()),
    clients: CLIENTS,
  };
  await act(async () => {
    render(
      <WorkspaceContext value={access}>
        <MemoryRouter initialEntries={[`/stands/${id}`]}>
          <Routes>
            <Route path="/stands/:id" element={<StandPage />} />
          </Routes>
        </MemoryRouter>
      </WorkspaceContext>,
    );
  });
  return workspace;
}
