import { type Doubt, type Reading } from '@/model';
import { Button } from '@/ui/button';
import { doubtText } from '@/words';

interface DoubtsProps {
  doubts: readonly Doubt[];
  /** Takes what is asked as meant; absent where there is nothing to change yet. */
  onMeant?: (change: Partial<Reading>) => void;
}

/** What is asked about a reading: it stands as it is unless it is changed. */
export function Doubts({ doubts, onMeant }: DoubtsProps) {
  return doubts.map((doubt) => (
    <p
      key={doubt.code}
      role="note"
      className="flex items-center gap-2 border-l-2 border-action pl-2.5 text-sm"
    >
      <span className="flex-1">{doubtText(doubt)}</span>
      {onMeant && doubt.code === 'swapped' && (
        <Button onClick={() => onMeant({ aperture: doubt.aperture, shutter: doubt.shutter })}>
          Swap them
        </Button>
      )}
      {onMeant && doubt.code === 'beside-mark' && (
        <Button onClick={() => onMeant({ shutter: doubt.mark })}>The mark</Button>
      )}
    </p>
  ));
}
