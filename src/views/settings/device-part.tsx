import { SETTINGS_TEXT } from '@/words';
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
            ? SETTINGS_TEXT.everythingPaleSeamNeeds
            : secure
              ? SETTINGS_TEXT.paleSeamNotDevice
              : SETTINGS_TEXT.pageCameOverPlain}
        </li>
        <li>
          {temporary
            ? SETTINGS_TEXT.browserKeepsNothingPage
            : isPersistent
              ? SETTINGS_TEXT.browserPromisedKeepYour
              : SETTINGS_TEXT.browserMayClearYour}
        </li>
      </ul>
      <div className="flex flex-wrap gap-2">
        {install && <Button onClick={install}>Install Pale Seam</Button>}
        {takeUpdate && <Button onClick={takeUpdate}>Reload with the newer version</Button>}
      </div>
    </section>
  );
}
