import { sharpnessOf } from '@/model/expose';
import { type StandLens } from '@/model';
import { sharpnessTexts } from '@/words';
import { QuantityField } from '../../shared/quantity-field';
import { useEdit, useStand } from '../session';

/** What is sharp for the distance that was focused on, and what holds near and far. */
export function Sharpness() {
  const stand = useStand();
  const edit = useEdit();
  const { lens, exposure } = stand;
  const set = (change: Partial<StandLens>) => edit((s) => ({ ...s, lens: { ...s.lens, ...change } }));
  const [first, ...rest] = sharpnessTexts(sharpnessOf(stand), exposure.aperture);
  return (
    <div className="space-y-2 pb-3">
      <div className="grid grid-cols-3 gap-2">
        <QuantityField
          label="I focused at"
          quantity="subjectM"
          unit="m"
          optional
          value={lens.focusedM}
          placeholder="hyperfocal"
          onValue={(focusedM) => set({ focusedM })}
        />
        <QuantityField
          label="Nearest"
          quantity="subjectM"
          unit="m"
          optional
          value={lens.nearestSubjectM}
          placeholder="far"
          onValue={(nearestSubjectM) => set({ nearestSubjectM })}
        />
        <QuantityField
          label="Farthest"
          quantity="subjectM"
          unit="m"
          optional
          value={lens.farthestSubjectM}
          placeholder="horizon"
          onValue={(farthestSubjectM) => set({ farthestSubjectM })}
        />
      </div>
      <p className="font-semibold">{first}</p>
      {rest.map((text) => (
        <p key={text} className="text-sm">
          {text}
        </p>
      ))}
    </div>
  );
}
