import { useDevice, useWorkspaceState } from '../workspace/workspace-context';

/** Whether all is stored, and quietly that there is no network. */
export function Saved() {
  const saving = useWorkspaceState((s) => s.saving);
  const isOnline = useDevice((d) => d.isOnline);
  const text = { saved: 'Saved', saving: 'Saving…', failed: 'Not saved' }[saving];
  return (
    <>
      {!isOnline && <span className="px-1 text-sm text-quiet desk:hidden">Offline</span>}
      <span role="status" className="px-2 text-sm text-quiet compact:sr-only">
        {text}
      </span>
    </>
  );
}
