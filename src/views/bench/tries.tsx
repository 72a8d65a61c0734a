import { Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import { toast } from 'sonner';
import { totalOf } from '@/model/bench';
import { momentText } from '@/words';
import { costText, GRADE_NAMES } from '@/words/bench';
import { standKey } from '../shared/stand-path';
import { useWorkspace, useWorkspaceState } from '../shared/workspace-context';
import { GradeMark } from './grade-mark';

/** What was practised, the last first: to be looked at again, gone on with, or thrown away. */
export function Tries() {
  const stands = useWorkspaceState((s) => s.stands);
  const { workspace, base } = useWorkspace();
  if (!stands.length) return null;
  const remove = (id: string, name: string) => {
    const undo = workspace.removeStand(id);
    toast(`The try at “${name}” is gone.`, { action: { label: 'Undo', onClick: undo }, duration: 10_000 });
  };
  return (
    <section aria-label="Tries">
      <h2 className="mb-1 text-lg font-semibold">Tries</h2>
      <ul className="border-t border-rule">
        {stands.map(({ id, document: { stand } }) => {
          const told = stand.bench?.told;
          return (
            <li key={id} className="flex items-center border-b border-rule hover:bg-chosen">
              <Link
                to={`${base}/stands/${standKey(id)}`}
                className="grid min-h-14 min-w-0 flex-1 grid-cols-[1.25rem_minmax(0,1fr)] items-center gap-x-3 px-2 py-2"
              >
                <GradeMark grade={told?.grade ?? null} />
                <span className="min-w-0">
                  <span className="block truncate font-semibold">{stand.name}</span>
                  <span className="block text-sm text-quiet">
                    {momentText(stand.createdAt)},{' '}
                    {told
                      ? `${GRADE_NAMES[told.grade]}: cost ${costText(
                          totalOf({ glass: told.glassStops, seat: told.seatStops, time: told.timeStops }),
                        )}${stand.bench?.advised ? ', with the advice open' : ''}`
                      : `not told of yet, ${countText(stand.takes?.length ?? 0)}`}
                  </span>
                </span>
              </Link>
              <button
                type="button"
                aria-label={`Throw the try at ${stand.name} away`}
                className="flex size-11 shrink-0 items-center justify-center rounded-md hover:bg-panel"
                onClick={() => remove(id, stand.name)}
              >
                <Trash2 size={18} aria-hidden />
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

const countText = (shots: number): string =>
  shots === 0 ? 'nothing shot' : shots === 1 ? '1 shot' : `${shots} shots`;
