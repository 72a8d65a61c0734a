import { Link } from 'react-router';
import { holderByLens, isMounted, mountedCamera, mountedLens, sameContent, USUAL_HOLDER } from '@/model';
import { ChoiceField } from '@/ui/field';
import { holderText, lensText, thingName } from '@/words';
import { useBag, useWorkspace } from '../../shared/workspace-context';
import { useEdit, useStand, useStandBag } from '../session';

/** What stands for a camera or lens that is none of the bag's. */
const OTHER = '';

/** Camera and lens as they stand in the bag: one choice sets all that is known of them. */
export function FromBag() {
  const stand = useStand();
  const edit = useEdit();
  const { base } = useWorkspace();
  const bag = useBag();
  const cameras = (bag.cameras ?? []).filter((c) => !c.archived);
  const lenses = (bag.lenses ?? []).filter((l) => !l.archived);
  if (!cameras.length && !lenses.length)
    return (
      <p className="col-span-2 text-sm text-quiet">
        Cameras and lenses that are{' '}
        <Link to={`${base}/bag`} className="text-action underline underline-offset-4">
          put into the bag
        </Link>{' '}
        are chosen here by name.
      </p>
    );
  const { orientation } = stand.camera;
  const camera = cameras.find((c) => sameContent(mountedCamera(c, orientation), stand.camera));
  const lens = lenses.find((l) => isMounted(l, stand));
  return (
    <>
      <Mounted
        label="Camera"
        items={cameras}
        current={camera}
        nameOf={thingName}
        onMount={(chosen) => edit((s) => ({ ...s, camera: mountedCamera(chosen, orientation) }))}
      />
      <Mounted
        label="Lens"
        items={lenses}
        current={lens}
        nameOf={lensText}
        onMount={(chosen) =>
          edit((s) => {
            const { focalLengthMm, nearestSubjectM } = s.lens;
            return { ...s, lens: { ...mountedLens(chosen, focalLengthMm), nearestSubjectM } };
          })
        }
      />
    </>
  );
}

interface MountedProps<T> {
  label: string;
  items: readonly T[];
  /** The one that is on the stand, if it is one of them. */
  current: T | undefined;
  nameOf: (item: T) => string;
  onMount: (item: T) => void;
}

/** One of the bag's things, or another one that is told by the fields below. */
function Mounted<T extends { readonly id: string }>({
  label,
  items,
  current,
  nameOf,
  onMount,
}: MountedProps<T>) {
  if (!items.length) return null;
  return (
    <ChoiceField
      label={label}
      className="col-span-2"
      value={current?.id ?? OTHER}
      options={[
        ...items.map((item) => [item.id, nameOf(item)] as const),
        ...(current ? [] : [[OTHER, 'another, as below'] as const]),
      ]}
      onValue={(id) => {
        const chosen = items.find((item) => item.id === id);
        if (chosen) onMount(chosen);
      }}
    />
  );
}

/** What stands for the holder that the bag has for the lens. */
const BY_LENS = '';

/** Which of several holders is on: the one for the lens, or another that is said. */
export function HolderChoice() {
  const stand = useStand();
  const edit = useEdit();
  const bag = useStandBag();
  const holders = (bag.holders ?? []).filter((h) => !h.archived || h.id === stand.holderId);
  if (!holders.length) return null;
  const byLens = holderByLens(stand, bag);
  const known = holders.some((h) => h.id === stand.holderId) || stand.holderId === USUAL_HOLDER;
  return (
    <ChoiceField
      label="Holder"
      className="col-span-2"
      value={known ? (stand.holderId ?? BY_LENS) : BY_LENS}
      options={[
        [BY_LENS, `by the lens: ${byLens ? holderText(byLens) : 'the usual one'}`],
        [USUAL_HOLDER, 'the usual one'],
        ...holders.map((h) => [h.id, holderText(h)] as const),
      ]}
      onValue={(id) => edit(({ holderId: _, ...s }) => (id === BY_LENS ? s : { ...s, holderId: id }))}
    />
  );
}
