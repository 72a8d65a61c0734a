import { apartInTime, roleFalls, roleSummaries, spanMover } from '@/model';
import { Check } from '@/ui/check';
import { RoleIcon } from '@/ui/role-mark';
import { carriedToText, fallText, moverText, summaryText, READ_TEXT } from '@/words';
import { Figure } from '../parts/figure';
import { ROLE_NAMES } from '../parts/roles';
import { useAnswer, useDerived, useSession, useSpotNames, useStand, useStandBag } from '../session';
import { Doubts } from './doubts';

/** Each role's readings taken together, and which of them the span rests on. */
export function ReadSummary() {
  const stand = useStand();
  const derived = useDerived();
  const carry = useAnswer((a) => a.carry);
  // what is carried to one time is no longer apart in it
  const carriesBoth = (['sky', 'land'] as const).every((role) =>
    carry?.falls.some((f) => f.role === role && !f.lentBy),
  );
  const readings = derived.prepared?.input.field.readings ?? [];
  const mover = spanMover(readings);
  const apart = apartInTime(stand);
  const named = useSpotNames();
  if (readings.length < 2) return <Falls />;
  return (
    <section aria-label="Readings together" className="space-y-1.5">
      <ul>
        {roleSummaries(readings).map((summary) => (
          <li key={summary.role} className="flex items-center gap-2.5">
            <RoleIcon role={summary.role} />
            <span className="w-16">{ROLE_NAMES[summary.role]}</span>
            <Figure of={`mean ${summary.role}`} className="font-mono text-sm">
              {summaryText(summary)}
            </Figure>
          </li>
        ))}
      </ul>
      {mover && <p className="text-sm text-quiet">{moverText(mover, named)}</p>}
      {apart && !carriesBoth && <Doubts doubts={[apart]} />}
      <Falls />
    </section>
  );
}

/** How fast the light of each role goes, and whether the readings are carried by it. */
function Falls() {
  const stand = useStand();
  const bag = useStandBag();
  const carry = useAnswer((a) => a.carry);
  const carries = useSession((s) => s.carries);
  const setCarries = useSession((s) => s.setCarries);
  const falls = roleFalls(stand, bag);
  if (!falls.length) return null;
  return (
    <section aria-label="Drift of the light" className="space-y-1 border-t border-rule pt-1.5">
      <ul>
        {falls.map((fall) => (
          <li key={fall.role} className="flex items-start gap-2.5 text-sm">
            <span className="mt-0.5">
              <RoleIcon role={fall.role} />
            </span>
            {carry ? <Figure of={`fall ${fall.role}`}>{fallText(fall)}</Figure> : fallText(fall)}
          </li>
        ))}
      </ul>
      <Check isOn={carries} onChange={setCarries} className="text-sm">
        {carry?.stops.size
          ? `Readings are carried ${carriedToText(carry)}`
          : READ_TEXT.readingsCarriedExposure}
      </Check>
    </section>
  );
}
