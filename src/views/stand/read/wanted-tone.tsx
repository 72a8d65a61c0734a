import { READ_TEXT } from '@/words';
import { changeReading, type Reading } from '@/model';
import { useEdit } from '../session';
import { QuantityField } from '../../shared/quantity-field';

/** Things by the tone that they have in an even light, stops from mid-grey, the darkest first (solver: the target). */
const THINGS = [
  ['pine', -2],
  ['wet rock', -1.5],
  ['grey rock', 0],
  ['pale sand', 1],
  ['snow', 1.7],
] as const;
/** What of the scale is drawn, stops. */
const [LOWEST, HIGHEST] = [-2.6, 2.3];

/** The tone at which the photographer wants a reading's spot, on a scale of things; the meter would make it mid-grey. */
export function WantedTone({ reading }: { reading: Reading }) {
  const edit = useEdit();
  const tone = reading.wantedToneStops ?? 0;
  const set = (wantedToneStops: number) =>
    edit((s) => changeReading(s, reading.id, { wantedToneStops: wantedToneStops || undefined }));
  return (
    <div className="space-y-2">
      <div role="group" aria-label="What the spot is" className="grid grid-cols-5 gap-px">
        {THINGS.map(([name, stops]) => (
          <button
            key={name}
            type="button"
            aria-pressed={tone === stops}
            onClick={() => set(stops)}
            className="flex min-h-14 flex-col items-center justify-end gap-1 rounded-md text-sm leading-tight hover:bg-chosen aria-pressed:bg-chosen aria-pressed:font-semibold"
          >
            <span
              aria-hidden
              className="h-4 w-full border border-edge"
              style={{ background: `oklch(${lightness(stops)} 0 0)` }}
            />
            {name}
          </button>
        ))}
      </div>
      <QuantityField
        label="Wanted from mid-grey"
        quantity="toneStops"
        unit="stops"
        value={tone}
        hint={tone === 0 ? 'as metered: mid-grey' : READ_TEXT.takenOffEvSpan}
        onValue={set}
      />
    </div>
  );
}

/** About how light a tone looks, 0 to 1. */
const lightness = (stops: number): number => 0.15 + (0.85 * (stops - LOWEST)) / (HIGHEST - LOWEST);
