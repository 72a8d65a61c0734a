import { Download } from 'lucide-react';
import { type RefusedThing } from '@/store';
import { Button } from '@/ui/button';
import { saveFile } from '@/ui/save-file';
import { refusedCountText, refusedText } from '@/words';

/** What of a file was not taken: each thing by its name, where it stands and why, and its text as a file of its own. */
export function RefusedList({ refused }: { refused: readonly RefusedThing[] }) {
  if (!refused.length) return null;
  return (
    <div role="alert" className="border-l-2 border-fault pl-3">
      <p className="font-semibold text-fault">{refusedCountText(refused.length)}</p>
      <ul className="space-y-1">
        {refused.slice(0, SHOWN).map((thing, i) => (
          <li key={i} className="flex flex-wrap items-center gap-x-3">
            <span className="min-w-0 flex-1 basis-72 break-words">{refusedText(thing)}</span>
            {thing.text !== null && (
              <Button
                kind="quiet"
                onClick={() => saveFile({ name: `${thing.what}.refused.json`, text: thing.text as string })}
              >
                <Download size={18} aria-hidden /> Save it by itself
              </Button>
            )}
          </li>
        ))}
        {refused.length > SHOWN && <li>and {refused.length - SHOWN} more</li>}
      </ul>
    </div>
  );
}

/** So many are listed: more than that is a file that is damaged throughout. */
const SHOWN = 50;
