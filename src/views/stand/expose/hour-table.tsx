import { type ComingHour, secondsAt } from '@/model/expose';
import { clockText, forecastRangeText, stopsFigure, timeText, EXPOSE_TEXT } from '@/words';

const COLUMNS = ['sky', 'land', 'span', 'need'] as const;

/** The hour for those who read figures: light, span, need and times at each five minutes. */
export function HourTable({ hour, ndStops }: { hour: ComingHour; ndStops: number }) {
  return (
    <div role="group" aria-label="The hour in figures" tabIndex={0} className="overflow-x-auto pb-2">
      <table className="w-full text-right text-sm whitespace-nowrap">
        <caption className="pb-1 text-left whitespace-normal text-quiet">{EXPOSE_TEXT.skyLandEvIso}</caption>
        <thead className="text-quiet">
          <tr>
            <th className="py-1 pr-2 text-left font-normal">at</th>
            {COLUMNS.map((name) => (
              <th key={name} className="px-1 font-normal">
                {name}
              </th>
            ))}
            <th className="px-1 font-normal">±</th>
            <th className="px-1 font-normal">no ND</th>
            {ndStops > 0 && <th className="pl-1 font-normal">as fitted</th>}
          </tr>
        </thead>
        <tbody className="font-mono">
          {hour.moments.map((m) => {
            const behind = secondsAt(m, ndStops);
            const bare = secondsAt(m, 0);
            return (
              <tr key={m.atMs} className="border-t border-rule">
                <td className="py-1 pr-2 text-left">{clockText(m.atMs)}</td>
                {[m.sky?.ev100, m.land?.ev100, m.spanStops, m.needStops].map((figure, i) => (
                  <td key={COLUMNS[i]} className="px-1">
                    {figure == null ? '–' : stopsFigure(figure)}
                  </td>
                ))}
                <td className="px-1">{forecastRangeText(m)}</td>
                <td className="px-1">{bare === null ? '–' : timeText(bare)}</td>
                {ndStops > 0 && <td className="pl-1">{behind === null ? 'too dark' : timeText(behind)}</td>}
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
