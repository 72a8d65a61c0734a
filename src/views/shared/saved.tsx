import { useWorkspaceState } from './workspace-context';

/** Whether all is stored. */
export function Saved() {
  const saving = useWorkspaceState((s) => s.saving);
  return (
    <span role="status" className="px-2 text-sm text-quiet compact:sr-only">
      {{ saved: 'Saved', saving: 'Saving…', failed: 'Not saved' }[saving]}
    </span>
  );
}
