import { DEMO_FILES } from '@/demo';
import { idbStorage, type WorkspaceStorage } from '@/persist';
import { type Channel, createWorkspace, type Workspace } from '@/store';

export type WorkspaceName = 'own' | 'demo';

const DATABASES: Record<WorkspaceName, string> = { own: 'pale-seam', demo: 'pale-seam-demo' };

const opened = new Map<WorkspaceName, Workspace>();

/** The workspace of a name: one for the whole page, whichever view asks. */
export function openWorkspace(name: WorkspaceName): Workspace {
  const known = opened.get(name);
  if (known) return known;
  const workspace = createWorkspace({
    storage: whenOpen(idbStorage(DATABASES[name])),
    channel: tabChannel(DATABASES[name]),
    newId: () => `st-${randomText()}`,
    now: () => new Date().toISOString(),
    ...(name === 'demo' ? { seeds: DEMO_FILES } : {}),
  });
  opened.set(name, workspace);
  return workspace;
}

function randomText(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(9));
  return Array.from(bytes, (b) => b.toString(36).padStart(2, '0')).join('');
}

function tabChannel(name: string): Channel {
  const channel = new BroadcastChannel(name);
  return {
    post: (message) => channel.postMessage(message),
    onMessage: (listener) => {
      channel.onmessage = ({ data }: MessageEvent<Parameters<typeof listener>[0]>) => listener(data);
    },
  };
}

/** A storage that is still being opened: every call waits for it. */
function whenOpen(opening: Promise<WorkspaceStorage>): WorkspaceStorage {
  opening.catch(() => {}); // told by the first call that needs it
  return {
    stands: async () => (await opening).stands(),
    putStand: async (...args) => (await opening).putStand(...args),
    removeStand: async (...args) => (await opening).removeStand(...args),
    bag: async () => (await opening).bag(),
    putBag: async (...args) => (await opening).putBag(...args),
    clear: async () => (await opening).clear(),
    close: () => void opening.then((s) => s.close()),
  };
}
