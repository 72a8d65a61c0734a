import { OUTING_TEXT } from '@/words';
import { Link } from 'react-router';
import { useWorkspace } from '../shared/workspace-context';

/** In place of an outing that is not here. */
export function NoOuting() {
  const { base } = useWorkspace();
  return (
    <div className="max-w-xl space-y-4 p-8">
      <h1 className="text-xl font-semibold">{OUTING_TEXT.noSuchOuting}</h1>
      <p>{OUTING_TEXT.mayBeenDeletedMade}</p>
      <Link
        to={`${base}/outings`}
        className="inline-flex min-h-11 items-center font-semibold text-action underline"
      >
        All outings
      </Link>
    </div>
  );
}
