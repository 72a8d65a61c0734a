import { type WorkingOf } from '@/words';
import { useSession } from '../session';

/** What makes a button show the working of a figure, and put it away again. */
export function useWorkingButton(of: WorkingOf) {
  const workingOf = useSession((s) => s.workingOf);
  const showWorking = useSession((s) => s.showWorking);
  const open = workingOf === of;
  return {
    type: 'button' as const,
    'aria-expanded': open,
    'aria-controls': open ? 'working' : undefined,
    title: 'Show the working',
    onClick: () => showWorking(open ? null : of),
  };
}

/** That a figure can be pressed, at rest and while its working is shown. */
export const FIGURE_LINE =
  'underline decoration-edge decoration-dotted decoration-2 underline-offset-4 hover:decoration-action';
