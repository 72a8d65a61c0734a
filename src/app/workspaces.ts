import { openStorage } from '@/persist';
import { idSource } from '@/model';
import {
  type Channel,
  createWorkspace,
  lockPresence,
  notePresence,
  ownPreferences,
  type Presence,
  type TabMessage,
  takePreferences,
  type Workspace,
} from '@/store';
import { thingName } from '@/words';

export type WorkspaceName = 'own' | 'demo' | 'bench';

const DATABASES: Record<WorkspaceName, string> = {
  own: 'pale-seam',
  demo: 'pale-seam-demo',
  bench: 'pale-seam-bench',
};

const opened = new Map<WorkspaceName, Workspace>();

/** The workspace of a name: one for the whole page, whichever view asks. */
export function openWorkspace(name: WorkspaceName): Workspace {
  const known = opened.get(name);
  if (known) return known;
  const workspace = createWorkspace({
    open: () => openStorage(DATABASES[name]),
    channel: tabChannel(DATABASES[name]),
    presence: tabPresence(DATABASES[name]),
    newId,
    now: () => new Date().toISOString(),
    nameOf: thingName,
    preferences: { own: ownPreferences, take: takePreferences },
    ...(name === 'demo'
      ? {
          // the demo's files are loaded only by who opens the demo
          seeds: async () => (await import('@/demo')).DEMO_FILES,
          seedPhoto: async (sha256: string) => (await import('@/demo')).demoPhoto(sha256),
        }
      : {}),
    // it is practised with a bag of its own
    ...(name === 'bench' ? { seeds: async () => [(await import('@/demo/bench-bag')).BENCH_BAG] } : {}),
  });
  opened.set(name, workspace);
  return workspace;
}

const newId = idSource((count) => crypto.getRandomValues(new Uint8Array(count)));

/** Which other tabs are open, by the browser's locks where it has them. */
function tabPresence(name: string): Presence {
  if (navigator.locks) return lockPresence(navigator.locks, name);
  return notePresence({
    tabId: newId('tab'),
    nowMs: Date.now,
    every: (ms, run) => void setInterval(run, ms),
  });
}

/** Tells other tabs; where the browser has no channel between them, each finds out when it writes. */
function tabChannel(name: string): Channel {
  if (typeof BroadcastChannel === 'undefined') return { post: () => {}, onMessage: () => {} };
  const channel = new BroadcastChannel(name);
  return {
    post: (message) => channel.postMessage(message),
    onMessage: (listener) => {
      channel.onmessage = ({ data }: MessageEvent<TabMessage>) => listener(data);
    },
  };
}
