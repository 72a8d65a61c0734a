import { Bar, BarChart, CartesianGrid, ResponsiveContainer, XAxis, YAxis } from 'recharts';
import { filtersById, SCHOOLS } from '@/model';
import { type LedgerEntry } from '@/model/ledger';
import { filterName, LOOK_NAMES, stopsFigure } from '@/words';
import { useBag } from '../shared/workspace-context';

interface Plotted {
  readonly name: string;
  readonly value: number;
}

/** What the shots say together: glass that was on, spans that were met, corrections by look. */
export function LedgerPlots({ entries }: { entries: readonly LedgerEntry[] }) {
  const bag = useBag();
  return (
    <section aria-labelledby="together" className="space-y-3">
      <h2 id="together" className="text-lg font-semibold">
        All shots together
      </h2>
      <div className="grid gap-6 desk:grid-cols-3">
        <Plot title="Sheets used, shots" data={sheetsUsed(entries, (id) => nameOf(id))} />
        <Plot title="Spans met, shots by stops" data={spansMet(entries)} />
        <Plot title="Corrected, mean by look, stops" data={corrections(entries)} figure={stopsFigure} />
      </div>
    </section>
  );

  function nameOf(id: string): string {
    const [filter] = filtersById(bag, [id]);
    return filter ? filterName(filter) : 'glass that is gone';
  }
}

function counted(keys: readonly string[]): Plotted[] {
  const counts = new Map<string, number>();
  for (const key of keys) counts.set(key, (counts.get(key) ?? 0) + 1);
  return [...counts].map(([name, value]) => ({ name, value }));
}

const MOST_SHEETS = 6;

const sheetsUsed = (entries: readonly LedgerEntry[], nameOf: (id: string) => string): Plotted[] =>
  counted(entries.flatMap((e) => (e.take.filterIds.length ? e.take.filterIds.map(nameOf) : ['none'])))
    .sort((a, b) => b.value - a.value)
    .slice(0, MOST_SHEETS);

/** By whole stops of the sky above the land. */
function spansMet(entries: readonly LedgerEntry[]): Plotted[] {
  const stops = entries.flatMap((e) => (e.spanStops === null ? [] : [Math.round(e.spanStops)]));
  if (!stops.length) return [];
  const [from, to] = [Math.min(...stops), Math.max(...stops)];
  return Array.from({ length: to - from + 1 }, (_, i) => ({
    name: stopsFigure(from + i).replace('.0', ''),
    value: stops.filter((s) => s === from + i).length,
  }));
}

/** How much brighter shots were asked to be, in the mean, by look. */
function corrections(entries: readonly LedgerEntry[]): Plotted[] {
  return SCHOOLS.flatMap((school) => {
    const own = entries.flatMap((e) =>
      e.school === school && e.tooBrightStops !== null ? [-e.tooBrightStops] : [],
    );
    return own.length
      ? [{ name: LOOK_NAMES[school], value: own.reduce((a, b) => a + b, 0) / own.length }]
      : [];
  });
}

const SMALL = { fontSize: 12, fill: 'var(--quiet)' } as const;
const ROW = 34;

/** A plot of bars with its figures beside them, and as a list for those who do not see it. */
function Plot({
  title,
  data,
  figure = String,
}: {
  title: string;
  data: readonly Plotted[];
  figure?: (value: number) => string;
}) {
  return (
    <figure className="min-w-0">
      <figcaption className="pb-1 text-sm text-quiet">{title}</figcaption>
      {data.every((d) => d.value === 0) ? (
        <p className="text-sm text-quiet">Nothing to tell yet.</p>
      ) : (
        <div aria-hidden>
          <ResponsiveContainer width="100%" height={data.length * ROW + 8}>
            <BarChart
              data={[...data]}
              layout="vertical"
              margin={{ top: 0, right: 44, bottom: 0, left: 0 }}
              accessibilityLayer={false}
            >
              <CartesianGrid stroke="var(--rule)" horizontal={false} />
              <XAxis type="number" hide />
              <YAxis
                type="category"
                dataKey="name"
                width={112}
                tick={SMALL}
                stroke="var(--rule)"
                interval={0}
              />
              <Bar
                dataKey="value"
                fill="var(--action)"
                isAnimationActive={false}
                label={{
                  position: 'right',
                  fill: 'var(--ink)',
                  fontSize: 13,
                  formatter: (value: unknown) => figure(Number(value)),
                }}
              />
            </BarChart>
          </ResponsiveContainer>
        </div>
      )}
      <ul className="sr-only">
        {data.map(({ name, value }) => (
          <li key={name}>
            {name}: {figure(value)}
          </li>
        ))}
      </ul>
    </figure>
  );
}
