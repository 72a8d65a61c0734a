import { BAG_TEXT } from '@/words';
import { Plus, Trash2 } from 'lucide-react';
import { type DensitySample } from '@/core/glass';
import { type Filter, MAX_SAMPLES, type SheetFilter } from '@/model';
import { Button } from '@/ui/button';
import { QuantityField } from '../shared/quantity-field';

type Measured = Extract<SheetFilter, { kind: 'measured' }>;

/** Samples of a measured sheet, from its clear end to its dark end. */
export function SamplesField({ filter, put }: { filter: Measured; put: (next: Filter) => void }) {
  const { samples } = filter;
  const set = (next: readonly DensitySample[]) => put({ ...filter, samples: next });
  const change = (index: number, part: Partial<DensitySample>) =>
    set(samples.map((s, i) => (i === index ? { ...s, ...part } : s)));
  const last = samples.at(-1) as DensitySample;
  return (
    <fieldset className="col-span-2 md:col-span-4">
      <legend className="mb-1 text-sm text-quiet">{BAG_TEXT.samplesMillimetresSeamTowards}</legend>
      <ol className="space-y-1.5">
        {samples.map((sample, i) => (
          <li key={i} className="grid grid-cols-[1fr_1fr_auto] items-end gap-2 md:max-w-md">
            <QuantityField
              label={`Sample ${i + 1}`}
              quantity="sampleMm"
              unit="mm"
              value={sample.mm}
              refuse={(mm) =>
                mm <= (samples[i - 1]?.mm ?? -Infinity) || mm >= (samples[i + 1]?.mm ?? Infinity)
                  ? 'Between its neighbours.'
                  : null
              }
              onValue={(mm) => change(i, { mm })}
            />
            <QuantityField
              label={`Density ${i + 1}`}
              quantity="stops"
              unit="stops"
              value={sample.stops}
              onValue={(stops) => change(i, { stops })}
            />
            <Button
              kind="quiet"
              className="w-11 !px-0"
              aria-label={`Remove sample ${i + 1}`}
              disabled={samples.length <= 2}
              onClick={() => set(samples.filter((_, k) => k !== i))}
            >
              <Trash2 size={18} aria-hidden />
            </Button>
          </li>
        ))}
      </ol>
      <Button
        className="mt-2"
        disabled={samples.length >= MAX_SAMPLES}
        onClick={() => set([...samples, { mm: last.mm + 5, stops: last.stops }])}
      >
        <Plus size={18} aria-hidden /> Add a sample
      </Button>
    </fieldset>
  );
}
