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

async function keepFiles(): Promise<void> {
  const workbox = new Workbox('/sw.js');
  let isAsked = false;
  const takeUpdate = () => {
    isAsked = true;
    workbox.messageSkipWaiting();
  };
  workbox.addEventListener('waiting', () => device.setState({ takeUpdate }));
  // only the tab in which the new version was asked for reloads; the others go on with what they have
  workbox.addEventListener('controlling', () => {
    if (isAsked) location.reload();
  });
  try {
    await workbox.register();
    await navigator.serviceWorker.ready;
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
