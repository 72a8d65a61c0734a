import { type Crop, cropBox, frameOf } from '@/model';
import { ChoiceField } from '@/ui/field';
import { cropLeavesText, FRAME_TEXT } from '@/words';
import { QuantityField } from '../../shared/quantity-field';
import { useEdit, useStand } from '../session';

/** Proportions that pictures are cut to, the longer side first. */
const PROPORTIONS = [
  [1, 1],
  [5, 4],
  [4, 3],
  [3, 2],
  [16, 9],
  [2, 1],
  [3, 1],
] as const;
const NONE = 'none';
const OWN = 'own';

const keyOf = ({ width, height }: Pick<Crop, 'width' | 'height'>): string => `${width}:${height}`;

/** What is printed of the frame: shown as a mask over it. */
export function CropFields() {
  const stand = useStand();
  const edit = useEdit();
  const { crop, camera } = stand;
  const set = (next: Crop | undefined) =>
    edit(({ crop: _, ...rest }) => (next ? { ...rest, crop: next } : rest));
  const isUpright = camera.orientation === 'portrait';
  const offered = PROPORTIONS.map(([long, short]) =>
    isUpright ? { width: short, height: long } : { width: long, height: short },
  );
  const known = crop && offered.find((o) => keyOf(o) === keyOf(crop));
  const box = cropBox(crop, frameOf(camera));
  return (
    <>
      <ChoiceField
        label="Crop"
        className="col-span-2"
        value={!crop ? NONE : known ? keyOf(known) : OWN}
        options={[
          [NONE, 'none: the whole frame'],
          ...offered.map((o) => [keyOf(o), o.width === o.height ? 'square, 1:1' : keyOf(o)] as const),
          [OWN, 'own proportions'],
        ]}
        onValue={(key) => {
          const chosen = offered.find((o) => keyOf(o) === key);
          if (chosen) set({ ...chosen, at: crop?.at });
          else if (key === NONE) set(undefined);
          // proportions that none of those offered has, to be changed
          else set({ width: isUpright ? 6 : 7, height: isUpright ? 7 : 6, at: crop?.at });
        }}
      />
      {crop && !known && <OwnProportions crop={crop} set={set} />}
      {crop && box && (
        <>
          <QuantityField
            label={box.left > 0 || box.right < 1 ? 'Where it stands, from left' : 'Where it stands, from top'}
            quantity="placed"
            optional
            placeholder="0.5, the middle"
            value={crop.at}
            onValue={(at) => set({ ...crop, at })}
          />
          <p className="self-end text-sm text-quiet">{FRAME_TEXT.n0Edge1Other}</p>
          <p className="col-span-2 -mt-1 text-sm text-quiet">{cropLeavesText(box, frameOf(camera))}</p>
        </>
      )}
      {crop && !box && (
        <p className="col-span-2 -mt-1 text-sm text-quiet">{FRAME_TEXT.theseSensorsOwnNothing}</p>
      )}
    </>
  );
}

function OwnProportions({ crop, set }: { crop: Crop; set: (crop: Crop) => void }) {
  return (
    <>
      <QuantityField
        label="Crop, across"
        quantity="ratio"
        value={crop.width}
        onValue={(width) => set({ ...crop, width })}
      />
      <QuantityField
        label="Crop, up"
        quantity="ratio"
        value={crop.height}
        onValue={(height) => set({ ...crop, height })}
      />
    </>
  );
}
