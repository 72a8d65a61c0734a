import { changeReading, type Reading } from '@/model';
import { ChoiceField } from '@/ui/field';
import { QuantityField } from '../../quantity-field';
import { useStand } from '../stand-context';

/** Tones that are asked for by name, stops from mid-grey (solver: the target). */
const NAMED = [
  ['0', 'mid-grey, as metered'],
  ['1.7', 'snow, 1.7 above'],
  ['1', 'pale sand, 1 above'],
  ['-1.5', 'wet rock, 1.5 below'],
] as const;

/** The tone at which the photographer wants a reading's spot: the meter would make it mid-grey. */
export function WantedTone({ reading }: { reading: Reading }) {
  const { edit } = useStand();
  const tone = reading.wantedToneStops ?? 0;
  const set = (wantedToneStops: number) =>
    edit((s) => changeReading(s, reading.id, { wantedToneStops: wantedToneStops || undefined }));
  const named = NAMED.some(([value]) => Number(value) === tone);
  return (
    <div className="grid grid-cols-[1.6fr_1fr] gap-2">
      <ChoiceField<string>
        label="Wanted at"
        value={String(tone)}
        options={[...NAMED, ...(named ? [] : [[String(tone), 'a tone of your own'] as const])]}
        onValue={(value) => set(Number(value))}
      />
      <QuantityField label="From mid-grey" quantity="toneStops" unit="stops" value={tone} onValue={set} />
    </div>
  );
}
