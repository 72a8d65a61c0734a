import { ArrowRight } from 'lucide-react';
import { type NextReading } from '@/model';
import { Button } from '@/ui/button';
import { nextReadingText } from '@/words';
import { useEdit, useNextReading, useSession, useStand } from '../session';
import { usePhotoSpot } from './photo-spot';
import { typeMetered } from './metered-field';
import { useReadAgain } from './use-read-again';

/** Which reading to take next, why, and the way to it. */
export function Next() {
  const stand = useStand();
  const edit = useEdit();
  const draft = useSession((s) => s.draft);
  const next = useNextReading();
  const begin = useBegin();
  if (!next || draft.place || draft.again || draft.limit) return null;
  return (
    <section
      aria-label="Which reading next"
      className="flex items-start gap-2.5 border-l-4 border-action pl-2.5"
    >
      <p className="flex-1 py-1">
        <span className="font-semibold">Next: </span>
        {nextReadingText(next, stand)}
      </p>
      <div className="flex shrink-0 gap-1">
        {next.code === 'to-hold' && (
          <Button kind="quiet" onClick={() => edit((s) => ({ ...s, nothingToHold: true }))}>
            Nothing
          </Button>
        )}
        <Button onClick={() => begin(next)}>
          <ArrowRight size={18} aria-hidden /> Read it
        </Button>
      </div>
    </section>
  );
}

/** Sets the next reading up: its role, its place where the frame tells one, and whether it is to be held. */
function useBegin() {
  const place = useSession((s) => s.draft.place);
  const setDraft = useSession((s) => s.setDraft);
  const select = useSession((s) => s.select);
  const readAgain = useReadAgain();
  const meter = usePhotoSpot();
  return (next: NextReading) => {
    if (next.code === 'stale' || next.code === 'deciding') return readAgain(next.reading);
    const role = next.code === 'feature' ? 'feature' : next.role;
    const limit = next.code === 'to-hold';
    // a meter of one's own is pointed by eye: only the picture's needs to be told where
    const at = meter || next.code === 'feature' ? next.place : place;
    setDraft({ role, place: at, limit, again: null });
    select(null);
    typeMetered();
  };
}
