import { type Bag, type FurtherHolder, putHolder, removeHolder, restoreHolder, withHolderFor } from '@/model';
import { Check } from '@/ui/check';
import { holderDetail, holderText, lensText, BAG_TEXT } from '@/words';
import { NameField } from '../shared/name-field';
import { useNewId } from '../shared/workspace-context';
import { GearList, type SectionProps } from './gear-list';
import { HolderFields, Misfits } from './holder-editor';
import { type BagEdit } from './use-bag-edit';

/** Holders beside the usual one: wider, smaller, or for lenses with a bulging front. */
export function HolderList({ bag, ...section }: SectionProps) {
  const newId = useNewId();
  return (
    <GearList<FurtherHolder>
      {...section}
      title="Other holders"
      addText="Add a holder"
      emptyText={BAG_TEXT.noneHolderAboveGoes}
      items={bag.holders ?? []}
      make={() => ({ id: newId('h'), sheetWidthMm: 150, slots: 2 })}
      nameOf={holderText}
      detailOf={(holder) => holderDetail(holder, bag.lenses ?? [])}
      put={putHolder}
      remove={removeHolder}
      restore={restoreHolder}
      editor={(holder, put) => <Editor bag={bag} edit={section.edit} holder={holder} put={put} />}
    />
  );
}

interface EditorProps {
  bag: Bag;
  edit: BagEdit;
  holder: FurtherHolder;
  put: (holder: FurtherHolder) => void;
}

function Editor({ bag, edit, holder, put }: EditorProps) {
  const lenses = (bag.lenses ?? []).filter((l) => !l.archived);
  return (
    <div role="group" aria-label={`Edit ${holderText(holder)}`} className="space-y-3 px-2 pt-1 pb-4">
      <NameField
        name={holder.name}
        placeholder={holderText({ ...holder, name: '' })}
        onName={(name) => put({ ...holder, name })}
      />
      <HolderFields holder={holder} onChange={(next) => put({ ...holder, ...next })} />
      <Misfits bag={bag} holder={holder} />
      <fieldset>
        <legend className="mb-1 text-sm text-quiet">Goes on</legend>
        {lenses.length ? (
          lenses.map((lens) => (
            <Check
              key={lens.id}
              isOn={!!holder.lensIds?.includes(lens.id)}
              onChange={(on) => edit((b) => withHolderFor(b, holder.id, lens.id, on))}
            >
              {lensText(lens)}
            </Check>
          ))
        ) : (
          <p className="text-sm text-quiet">{BAG_TEXT.noLensBagYet}</p>
        )}
      </fieldset>
    </div>
  );
}
