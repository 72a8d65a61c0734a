import { withSkyline } from '@/model';
import { Button } from '@/ui/button';
import { skylineText, CANVAS_TEXT } from '@/words';
import { useEdit, usePhotoIntake, useProposal } from '../session';

/** A skyline found in the picture, taken or left on the picture itself. */
export function ProposalPlate() {
  const edit = useEdit();
  const { dropProposal } = usePhotoIntake();
  const proposal = useProposal();
  if (!proposal) return null;
  const { hasSky } = proposal;
  return (
    <div className="absolute inset-x-2 bottom-2 rounded-md border border-action bg-panel p-2">
      <p role="status" className="text-sm">
        {skylineText(proposal)}
        {hasSky && CANVAS_TEXT.dottedFrame}
      </p>
      <div className="mt-1.5 flex gap-2">
        {hasSky && (
          <Button
            kind="action"
            className="flex-1"
            onClick={() => {
              edit((s) => withSkyline(s, proposal.points));
              dropProposal();
            }}
          >
            Use it
          </Button>
        )}
        <Button className="flex-1" onClick={dropProposal}>
          Keep mine
        </Button>
      </div>
    </div>
  );
}
