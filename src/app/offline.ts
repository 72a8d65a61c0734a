import { Workbox } from 'workbox-window';
import { device, prefer, preferences } from '@/store';

/** What Chromium sends before it would offer to install the page. */
interface InstallOffer extends Event {
  prompt(): Promise<unknown>;
}

/** Watches the network, keeps the application's files on the device, and offers a newer version when it is there. */
export function startOffline(): void {
  const look = () => device.setState({ isOnline: navigator.onLine });
  look();
  addEventListener('online', look);
  addEventListener('offline', look);
  addEventListener('beforeinstallprompt', (event) => {
    event.preventDefault();
    const offer = event as InstallOffer;
    device.setState({
      install: () => void offer.prompt().finally(() => device.setState({ install: null })),
    });
  });
  if ('serviceWorker' in navigator && import.meta.env.PROD) void keepFiles();
  void navigator.storage?.persisted?.().then((isPersistent) => device.setState({ isPersistent }));
}

/** Noted in the tab in which the newer version was asked for: across a reload too. */
const ASKED = 'pale-seam-update-asked';
/** A browser keeps a newer version waiting while the old one still answers something; a reload frees it, ms. */
const PATIENCE_MS = 3000;

async function keepFiles(): Promise<void> {
  const workbox = new Workbox('/sw.js');
  const isAsked = () => sessionStorage.getItem(ASKED) !== null;
  const takeUpdate = () => {
    sessionStorage.setItem(ASKED, '');
    workbox.messageSkipWaiting();
    setTimeout(() => location.reload(), PATIENCE_MS);
  };
  workbox.addEventListener('waiting', () => {
    if (isAsked()) workbox.messageSkipWaiting();
    else device.setState({ takeUpdate });
  });
  // only the tab in which the new version was asked for reloads; the others go on with what they have
  workbox.addEventListener('controlling', () => {
    if (!isAsked()) return;
    sessionStorage.removeItem(ASKED);
    location.reload();
  });
  try {
    await workbox.register();
    const { waiting } = await navigator.serviceWorker.ready;
    if (!waiting) sessionStorage.removeItem(ASKED);
    device.setState({ worksOffline: true });
  } catch {
    device.setState({ worksOffline: false });
  }
}

/** Asks the browser, once ever and when there is something to lose, to keep the storage for good. */
export async function askToPersist(): Promise<void> {
  if (preferences.getState().askedToPersist || !navigator.storage?.persist) return;
  prefer({ askedToPersist: true });
  device.setState({ isPersistent: await navigator.storage.persist() });
}
