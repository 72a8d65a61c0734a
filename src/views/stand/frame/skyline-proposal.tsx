import { FRAME_TEXT } from '@/words';
import { ScanLine } from 'lucide-react';
import { Button } from '@/ui/button';
import { useIntake, usePhotoIntake, useProposal, useStand } from '../session';

/** Looks for the skyline in the picture; what is found is taken or left on the picture. */
export function SkylineProposal() {
  const stand = useStand();
  const { findSkyline } = usePhotoIntake();
  const isLooking = useIntake((i) => i.isLooking);
  const proposal = useProposal();
  const { picture } = stand;
  if (!picture) return null;
  if (isLooking)
    return (
      <p role="status" className="appear-late mb-2 flex items-center gap-3 text-sm text-quiet">
        <progress className="h-1.5 flex-1 accent-(--action)" aria-label="Looking for the skyline" /> Looking
        for the skyline
      </p>
    );
  if (proposal) return null;
  return (
    <Button className="mb-2 w-full" onClick={() => findSkyline(picture)}>
      <ScanLine size={18} aria-hidden /> {FRAME_TEXT.findSkylinePicture}
    </Button>
  );
}
