import { ScanLine } from 'lucide-react';
import { withSkyline } from '@/model';
import { Button } from '@/ui/button';
import { skylineText } from '@/words';
import { useEdit, useIntake, usePhotoIntake, useProposal, useStand } from '../session';

/** A skyline found in the picture: proposed with how sure it is, used only when it is asked for. */
export function SkylineProposal() {
  const stand = useStand();
  const edit = useEdit();
  const { findSkyline, dropProposal } = usePhotoIntake();
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
  if (!proposal)
    return (
      <Button className="mb-2 w-full" onClick={() => findSkyline(picture)}>
        <ScanLine size={18} aria-hidden /> Find the skyline in the picture
      </Button>
    );
  const { hasSky } = proposal;
  return (
    <div className="mb-2 rounded-md border border-action p-3">
      <p role="status">
        {skylineText(proposal)}
        {hasSky && ' It is dotted in the frame.'}
      </p>
      <div className="mt-2 flex gap-2">
        {hasSky && (
          <Button
            kind="action"
            onClick={() => {
              edit((s) => withSkyline(s, proposal.points));
              dropProposal();
            }}
          >
            Use it
          </Button>
        )}
        <Button onClick={dropProposal}>Keep mine</Button>
      </div>
    </div>
  );
}
