import { OUTING_TEXT } from '@/words';
import { hourOf } from '@/model/outing';
import { framingName, worthText } from '@/words/outing';
import { useOuting } from './use-outing';

/** The two or three moments worth being there for, each with its reason. */
export function Moments() {
  const { outing, day } = useOuting();
  if (!day) return <p className="text-lg">{OUTING_TEXT.sayWhereSunMoon}</p>;
  const nameOf = (framingId: string) => {
    const framing = outing.framings.find((s) => s.id === framingId);
    return framing && framingName(framing);
  };
  return (
    <section aria-labelledby="moments">
      <h2 id="moments" className="mb-2 text-lg font-semibold">
        Worth being there for
      </h2>
      {day.worth.length ? (
        <ol className="border-t border-rule">
          {day.worth.map((moment) => (
            <li
              key={moment.atMs}
              className="grid grid-cols-[auto_1fr] items-baseline gap-x-4 border-b border-rule py-2"
            >
              <span className="font-mono text-2xl font-semibold">{hourOf(moment.atMs, outing.zone)}</span>
              <span>
                {worthText(moment)}
                {nameOf(moment.framingId) && (
                  <span className="block text-sm text-quiet">{nameOf(moment.framingId)}</span>
                )}
              </span>
            </li>
          ))}
        </ol>
      ) : (
        <p className="text-quiet">{OUTING_TEXT.nothingDaysSunStands}</p>
      )}
    </section>
  );
}
