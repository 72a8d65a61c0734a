import { type BagLens, putLens, removeLens, restoreLens } from '@/model';
import { Check } from '@/ui/check';
import { lensDetail, lensText, BAG_TEXT } from '@/words';
import { NameField } from '../shared/name-field';
import { PupilField } from '../shared/pupil-field';
import { QuantityField } from '../shared/quantity-field';
import { useNewId } from '../shared/workspace-context';
import { GearList, type SectionProps } from './gear-list';

/** The lenses: focal range, widest aperture, and where the pupil lies. */
export function LensList({ bag, ...section }: SectionProps) {
  const newId = useNewId();
  const lenses = bag.lenses ?? [];
  return (
    <GearList<BagLens>
      {...section}
      title="Lenses"
      addText="Add a lens"
      emptyText={BAG_TEXT.noLensYetStand}
      items={lenses}
      make={() => ({ id: newId('l'), shortestMm: 24, longestMm: 70 })}
      nameOf={lensText}
      detailOf={lensDetail}
      put={putLens}
      remove={removeLens}
      restore={restoreLens}
      editor={(lens, put) => <LensEditor lens={lens} put={put} />}
    />
  );
}

function LensEditor({ lens, put }: { lens: BagLens; put: (lens: BagLens) => void }) {
  const set = (change: Partial<BagLens>) => put({ ...lens, ...change });
  const { shortestMm, bulgingFront } = lens;
  return (
    <div
      role="group"
      aria-label={`Edit ${lensText(lens)}`}
      className="grid grid-cols-2 gap-3 px-2 pt-1 pb-4 md:grid-cols-4"
    >
      <NameField
        className="col-span-2"
        name={lens.name}
        placeholder={lensText({ ...lens, name: '' })}
        onName={(name) => set({ name })}
      />
      <FocalFields lens={lens} set={set} />
      <QuantityField
        label="Widest aperture"
        quantity="aperture"
        optional
        value={lens.widestAperture}
        placeholder="not known"
        onValue={(widestAperture) => set({ widestAperture })}
      />
      <PupilField
        value={lens.pupilToFilterMm}
        focalLengthMm={shortestMm}
        bulgingFront={bulgingFront}
        onValue={(pupilToFilterMm) => set({ pupilToFilterMm })}
      />
      {!bulgingFront && (
        <QuantityField
          label="Filter thread"
          quantity="lengthMm"
          unit="mm"
          optional
          value={lens.threadMm}
          placeholder="not known"
          onValue={(threadMm) => set({ threadMm })}
        />
      )}
      <Check
        className="col-span-2 self-end"
        isOn={!!bulgingFront}
        onChange={(on) => set({ bulgingFront: on || undefined })}
      >
        {BAG_TEXT.bulgingFrontHolderStands}
      </Check>
    </div>
  );
}

/** The shortest and the longest focal length, neither beyond the other. */
function FocalFields({ lens, set }: { lens: BagLens; set: (change: Partial<BagLens>) => void }) {
  const { shortestMm, longestMm } = lens;
  return (
    <>
      <QuantityField
        label="Shortest"
        quantity="focalLengthMm"
        unit="mm"
        value={shortestMm}
        refuse={(mm) => (mm > longestMm ? `At most its longest, ${longestMm} mm.` : null)}
        onValue={(mm) => set({ shortestMm: mm })}
      />
      <QuantityField
        label="Longest"
        quantity="focalLengthMm"
        unit="mm"
        value={longestMm}
        refuse={(mm) => (mm < shortestMm ? `At least its shortest, ${shortestMm} mm.` : null)}
        onValue={(mm) => set({ longestMm: mm })}
      />
    </>
  );
}
