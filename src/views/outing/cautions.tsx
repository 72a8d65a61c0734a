import { OUTING_TEXT } from '@/words';
import { TriangleAlert } from 'lucide-react';
import { cautionText } from '@/words/outing';
import { useOuting } from './use-outing';

/** What can hurt on this outing, short, and deferring to who knows. */
export function Cautions() {
  const { outing, day } = useOuting();
  if (!day?.cautions.length) return null;
  return (
    <section aria-labelledby="cautions" className="border-l-4 border-ink pl-3">
      <h2 id="cautions" className="mb-1 flex items-center gap-2 text-lg font-semibold">
        <TriangleAlert size={18} aria-hidden /> With care
      </h2>
      <ul className="space-y-1.5">
        {day.cautions.map((caution) => (
          <li key={caution.what}>{cautionText(caution, outing.zone)}</li>
        ))}
      </ul>
      <p className="mt-2 text-sm text-quiet">{OUTING_TEXT.tideTablesForecastsWardens}</p>
    </section>
  );
}
