import { apartInTime, roleSummaries, spanMover } from '@/model';
import { RoleIcon } from '@/ui/role-mark';
import { moverText, summaryText } from '@/words';
import { ROLE_NAMES } from '../roles';
import { useStand } from '../stand-context';
import { Doubts } from './doubts';

/** Each role's readings taken together, and which of them the span rests on. */
export function ReadSummary() {
  const { stand, derived } = useStand();
  const readings = derived.prepared?.input.field.readings ?? [];
  const mover = spanMover(readings);
  const apart = apartInTime(stand);
  if (readings.length < 2) return null;
  return (
    <section aria-label="Readings together" className="space-y-1.5">
      <ul>
        {roleSummaries(readings).map((summary) => (
          <li key={summary.role} className="flex items-center gap-2.5">
            <RoleIcon role={summary.role} />
            <span className="w-16">{ROLE_NAMES[summary.role]}</span>
            <span className="font-mono text-sm">{summaryText(summary)}</span>
          </li>
        ))}
      </ul>
      {mover && <p className="text-sm text-quiet">{moverText(mover)}</p>}
      {apart && <Doubts doubts={[apart]} />}
    </section>
  );
}
