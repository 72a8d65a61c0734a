import { format, formatDistanceToNow } from 'date-fns';
import { useState } from 'react';
import { type RestoreReport } from '@/store';
import { Button } from '@/ui/button';
import { FilePicker } from '@/ui/file-picker';
import { saveFile } from '@/ui/save-file';
import { Segmented } from '@/ui/segmented';
import { type ThemeMode, useTheme } from '@/ui/theme';
import { mergeText } from '@/words';
import { useDevice, useWorkspace, useWorkspaceState } from '../shell/workspace-context';
import { PlaceFields } from './place-fields';

const MODES: readonly { value: ThemeMode; text: string }[] = [
  { value: 'noon', text: 'Noon' },
  { value: 'dusk', text: 'Dusk' },
  { value: 'system', text: 'As the device' },
  { value: 'sun', text: 'By the sun' },
];

/** What holds for this device: the theme, the place, and where the work is kept. */
export function SettingsPage() {
  const { mode, setMode } = useTheme();
  return (
    <div className="h-full overflow-y-auto">
      <title>Settings · Pale Seam</title>
      <div className="mx-auto max-w-2xl space-y-8 px-4 py-6 desk:px-8">
        <h1 className="text-2xl font-semibold">Settings</h1>
        <section aria-labelledby="theme" className="space-y-3">
          <h2 id="theme" className="text-lg font-semibold">
            Noon and Dusk
          </h2>
          <Segmented label="Theme" columns={2} value={mode} options={MODES} onValue={setMode} />
          <p className="text-quiet">
            Noon is light, for the sun on the screen. Dusk is dark, warm and low in blue, and spares eyes that
            have got used to the night.
          </p>
        </section>
        <PlaceFields />
        <Backup />
        <Device />
      </div>
    </div>
  );
}

function Backup() {
  const { workspace, isDemo } = useWorkspace();
  const lastBackupMs = useWorkspaceState((s) => s.lastBackupMs);
  const [report, setReport] = useState<RestoreReport | null>(null);
  const [refusal, setRefusal] = useState<{ file: string; path: string; message: string } | null>(null);
  const restore = async (file: File) => {
    const result = await workspace.restoreFile(file);
    setReport(result.ok ? result.value : null);
    setRefusal(result.ok ? null : { ...result.error, file: file.name });
  };
  return (
    <section aria-labelledby="backup" className="space-y-3">
      <h2 id="backup" className="text-lg font-semibold">
        Backup
      </h2>
      <p className="text-quiet">
        {isDemo ? 'The demo’s stands and bag' : 'Your stands and your bag'} are kept in this browser and
        nowhere else.{' '}
        {lastBackupMs === null
          ? 'No backup has been made yet.'
          : `The last backup was made ${formatDistanceToNow(lastBackupMs, { addSuffix: true })}, on ${format(lastBackupMs, 'd MMM yyyy, HH:mm')}.`}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button kind="action" onClick={() => void workspace.backupWithPictures().then(saveFile)}>
          Back up everything to a file
        </Button>
        <FilePicker
          label="Backup file to bring in"
          accept=".json,.zip,application/json,application/zip"
          onFile={(file) => void restore(file)}
        >
          {(pick) => <Button onClick={pick}>Bring a backup in</Button>}
        </FilePicker>
      </div>
      {report && (
        <div role="status" className="border-l-2 border-action pl-3">
          <p className="font-semibold">The backup is in. Nothing that was here has been altered.</p>
          <p>Stands: {mergeText(report.stands)}</p>
          <p>Bag: {mergeText(report.bag)}</p>
        </div>
      )}
      {refusal && (
        <div role="alert" className="border-l-2 border-fault pl-3">
          <p className="font-semibold text-fault">{refusal.file} was not brought in</p>
          <p>
            {refusal.path && <code className="font-mono">{refusal.path}: </code>}
            {refusal.message}. Nothing was changed.
          </p>
        </div>
      )}
    </section>
  );
}

/** What of the device the work depends on. */
function Device() {
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
