import { X } from 'lucide-react';
import { Button } from '@/ui/button';
import { photoFaultText } from '@/words';
import { useIntake, usePhotoIntake } from '../session';

/** How far the reading of a picture has come, or why one was refused. */
export function IntakeState() {
  const intake = usePhotoIntake();
  const state = useIntake((i) => i.picture);
  return (
    <>
      {state.phase === 'reading' && (
        <div className="mt-2 flex items-center gap-3" role="status">
          <progress
            className="h-1.5 flex-1 accent-(--action)"
            value={state.progress ?? undefined}
            aria-label="Reading the picture"
          />
          <span className="max-w-40 truncate text-sm text-quiet">{state.name}</span>
          <Button kind="quiet" onClick={intake.dismiss}>
            <X size={18} aria-hidden /> Cancel
          </Button>
        </div>
      )}
      {state.phase === 'refused' && (
        <p role="alert" className="mt-2 rounded-md border border-edge p-3">
          {photoFaultText(state.fault, state.name)} Nothing has changed.
        </p>
      )}
    </>
  );
}
