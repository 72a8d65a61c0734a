import { createStore } from 'zustand/vanilla';

/** What the device and the page's own files are at. */
export interface DeviceState {
  /** The network is there, as far as the browser knows. */
  readonly isOnline: boolean;
  /** Everything that the application needs is on the device. */
  readonly worksOffline: boolean;
  /** Goes over to a newer version that is ready; null while there is none. */
  readonly takeUpdate: (() => void) | null;
  /** Puts the application among the device's own; null where the browser does not offer it. */
  readonly install: (() => void) | null;
  /** Whether the browser keeps the storage for good; null where it does not say. */
  readonly isPersistent: boolean | null;
}

export const device = createStore<DeviceState>()(() => ({
  isOnline: true,
  worksOffline: false,
  takeUpdate: null,
  install: null,
  isPersistent: null,
}));
