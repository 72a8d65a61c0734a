import { useState } from 'react';
import { type FileError, type RestoreReport } from '@/store';
import { Button } from '@/ui/button';
import { FilePicker } from '@/ui/file-picker';
import { agoText, mergeText, momentText, PREFERENCES_IN, SETTINGS_TEXT } from '@/words';
import { RefusedList } from '../shared/refused-list';
import { saveBackup } from '../shared/save';
import { useWorkspace, useWorkspaceState } from '../shared/workspace-context';

/** Everything out to a file, and in again from one. */
export function BackupPart() {
  const { workspace, isDemo } = useWorkspace();
  const filing = useWorkspaceState((s) => s.filing);
  const [report, setReport] = useState<RestoreReport | null>(null);
  const [refusal, setRefusal] = useState<(FileError & { file: string }) | null>(null);
  const restore = async (file: File) => {
    setReport(null);
    setRefusal(null);
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
        {isDemo ? 'The demo’s stands and bag' : 'Your stands and your bag'}{' '}
        {SETTINGS_TEXT.keptBrowserNowhereElse} <LastBackup />
      </p>
      <div className="flex flex-wrap gap-2">
        <Button
          kind="action"
          disabled={filing !== null}
          onClick={() => void workspace.backupWithPhotos().then(saveBackup)}
        >
          {SETTINGS_TEXT.backUpEverythingFile}
        </Button>
        <FilePicker
          label="Backup file to bring in"
          accept=".json,.zip,application/json,application/zip"
          onFile={(file) => void restore(file)}
        >
          {(pick) => (
            <Button disabled={filing !== null} onClick={pick}>
              Bring a backup in
            </Button>
          )}
        </FilePicker>
      </div>
      {filing !== null && (
        <p role="status" className="flex items-center gap-3 text-quiet">
          Looking through every stand…
          <progress value={filing} className="h-1.5 w-48 accent-(--action)" aria-label="Done" />
        </p>
      )}
      {report && <Restored report={report} />}
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

function Restored({ report }: { report: RestoreReport }) {
  return (
    <>
      <div role="status" className="border-l-2 border-action pl-3">
        <p className="font-semibold">{SETTINGS_TEXT.backupNothingBeenAltered}</p>
        <p>Stands: {mergeText(report.stands)}</p>
        <p>Bag: {mergeText(report.bag)}</p>
        <p>Outings and places: {mergeText(report.plans)}</p>
        {report.preferences && <p>{PREFERENCES_IN}</p>}
      </div>
      <RefusedList refused={report.refused} />
    </>
  );
}

function LastBackup() {
  const lastBackupMs = useWorkspaceState((s) => s.lastBackupMs);
  const [openedMs] = useState(() => Date.now());
  return lastBackupMs === null
    ? SETTINGS_TEXT.noBackupBeenMade
    : `The last backup was made ${agoText(lastBackupMs, openedMs)}, on ${momentText(lastBackupMs)}.`;
}
