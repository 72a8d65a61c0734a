import { Link } from 'react-router';
import { type BagLens, mountedCamera, mountedLens, sameContent, type Stand } from '@/model';
import { ChoiceField } from '@/ui/field';
import { lensText, thingName } from '@/words';
import { useBag, useWorkspace } from '../../shell/workspace-context';
import { useStand } from '../stand-context';

/** What stands for a camera or lens that is none of the bag's. */
const OTHER = '';

/** Camera and lens as they stand in the bag: one choice sets all that is known of them. */
export function FromBag() {
  const { stand, edit } = useStand();
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
      {cameras.length > 0 && (
        <ChoiceField
          label="Camera"
          className="col-span-2"
          value={camera?.id ?? OTHER}
          options={[
            ...cameras.map((c) => [c.id, thingName(c)] as const),
            ...(camera ? [] : [[OTHER, 'another, as below'] as const]),
          ]}
          onValue={(id) => {
            const chosen = cameras.find((c) => c.id === id);
            if (chosen) edit((s) => ({ ...s, camera: mountedCamera(chosen, orientation) }));
          }}
        />
      )}
      {lenses.length > 0 && (
        <ChoiceField
          label="Lens"
          className="col-span-2"
          value={lens?.id ?? OTHER}
          options={[
            ...lenses.map((l) => [l.id, lensText(l)] as const),
            ...(lens ? [] : [[OTHER, 'another, as below'] as const]),
          ]}
          onValue={(id) => {
            const chosen = lenses.find((l) => l.id === id);
            if (chosen)
              edit((s) => ({
                ...s,
                lens: {
                  ...mountedLens(chosen, s.lens.focalLengthMm),
                  nearestSubjectM: s.lens.nearestSubjectM,
                },
              }));
          }}
        />
      )}
    </>
  );
}

/** Whether a stand has a lens of the bag, at any focal length of its range. */
function isMounted(lens: BagLens, { lens: { nearestSubjectM: _, ...mounted } }: Stand): boolean {
  return sameContent(mountedLens(lens, mounted.focalLengthMm), mounted);
}
