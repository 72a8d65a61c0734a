import { Button } from '@/ui/button';
import { notOpenedText } from '@/words';
import { useWorkspaceState } from '../shared/workspace-context';

/** The stands cannot be opened: what happened, what is safe, and the way on. */
export function CannotOpen() {
  const problem = useWorkspaceState((s) => s.problem);
  const { what, then } = notOpenedText(problem?.fault ?? 'failed');
  return (
    <div role="alert" className="max-w-xl space-y-4 p-8">
      <h1 className="text-xl font-semibold">{what}</h1>
      <p>{then}</p>
      {problem && <p className="font-mono text-sm text-quiet">{problem.detail}</p>}
      <Button kind="action" onClick={() => location.reload()}>
        Try again
      </Button>
    </div>
  );
}
