import { type Way, WAYS } from '@/model';
import { useEdit, useSession } from '../session';

const JOINS: Record<Way, string> = {
  meter: 'Meter sky and land',
  sheet: 'A sheet is on',
  time: 'Only a time',
  picture: 'A picture',
};

/** The other ways in, each of which joins what is there already. */
export function OtherWays({ way }: { way: Way }) {
  const edit = useEdit();
  const setDraft = useSession((s) => s.setDraft);
  return (
    <nav aria-label="Other ways in" className="flex flex-wrap gap-x-4 border-t border-rule pt-1 text-sm">
      <span className="flex min-h-11 items-center text-quiet">Join with:</span>
      {WAYS.filter((w) => w !== way).map((w) => (
        <button
          key={w}
          type="button"
          className="min-h-11 font-semibold text-action underline underline-offset-4"
          onClick={() => {
            edit((s) => ({ ...s, way: w }));
            setDraft({ role: w === 'meter' ? 'land' : 'through' });
          }}
        >
          {JOINS[w]}
        </button>
      ))}
    </nav>
  );
}
