import { Button } from '@/ui/button';
import { useDevice, useWorkspaceState } from '../shared/workspace-context';

/** What of the device the work depends on. */
export function DevicePart() {
  const { isOnline, worksOffline, isPersistent, install, takeUpdate } = useDevice((d) => d);
  const temporary = useWorkspaceState((s) => s.temporary);
  const secure = window.isSecureContext;
  return (
    <section aria-labelledby="device" className="space-y-3">
      <h2 id="device" className="text-lg font-semibold">
        This device
      </h2>
      <ul className="space-y-1.5">
        <li>{isOnline ? 'The network is there.' : 'Offline.'}</li>
        <li>
          {worksOffline
            ? 'Everything that Pale Seam needs is on this device: it works with no network.'
            : secure
              ? 'Pale Seam is not on this device yet: it needs one more moment with the network.'
              : 'This page came over plain HTTP, so it needs its network, and copying, sharing and a screen that stays on are missing.'}
        </li>
        <li>
          {temporary
            ? 'This browser keeps nothing for this page: what you do is gone when it is closed.'
            : isPersistent
              ? 'The browser has promised to keep your stands for good.'
              : 'The browser may clear your stands when the device runs out of room: make backups.'}
        </li>
      </ul>
      <div className="flex flex-wrap gap-2">
        {install && <Button onClick={install}>Install Pale Seam</Button>}
        {takeUpdate && <Button onClick={takeUpdate}>Reload with the newer version</Button>}
      </div>
    </section>
  );
}
