import { useState } from 'react';
import { Button } from '@/ui/button';
import { ParsedField } from '@/ui/field';
import { markText } from '@/words';
import { parseShutter, type TypedShutter } from '../../shared/parse';
import { type PadState } from './use-pad';

export const CELL =
  'flex min-h-16 flex-col items-center justify-center rounded-md border border-edge bg-panel font-mono text-[17px] font-semibold active:bg-chosen';

interface MarksProps {
  pad: PadState;
  /** What is read: "land reading". */
  what: string;
  /** A time is being typed in place of a mark. */
  typing: boolean;
  onTyping: (typing: boolean) => void;
}

/** The shutter marks that a thumb finds, the way to others, and a field for a time that is on none of them. */
export function Marks({ pad, what, typing, onTyping }: MarksProps) {
  const { isCorrecting, chosen } = pad;
  return (
    <>
      <div
        className="grid grid-cols-4 gap-2"
        role="group"
        aria-label={isCorrecting ? `Correct the ${what} by thirds` : `Mark of the ${what}`}
      >
        {pad.marks.map((mark) => (
          <button
            key={mark.name}
            type="button"
            disabled={pad.meter.isFull && !isCorrecting}
            aria-pressed={isCorrecting ? mark === chosen : undefined}
            className={`${CELL} ${mark === chosen ? 'border-action! bg-action! text-on-action' : ''}`}
            onClick={() => pad.enter(mark.name, mark.exact)}
          >
            {markText(mark.name)}
            {mark === chosen && (
              <span className="font-sans text-xs font-normal">{isCorrecting ? 'as read' : 'guess'}</span>
            )}
          </button>
        ))}
        <button
          type="button"
          aria-expanded={typing}
          className={`${CELL} bg-chosen! font-sans!`}
          onClick={() => onTyping(!typing)}
        >
          Type
        </button>
      </div>
      {typing && (
        <TypedShutterField
          label={`Shutter of the ${what}`}
          onTake={({ kept, seconds }) => {
            pad.enter(kept, seconds);
            onTyping(false);
          }}
        />
      )}
      <div className="grid grid-cols-2 gap-2">
        <Button onClick={() => pad.move(-1)}>‹ longer times</Button>
        <Button onClick={() => pad.move(1)}>shorter times ›</Button>
      </div>
    </>
  );
}

/** A time that is on none of the marks. */
function TypedShutterField({ label, onTake }: { label: string; onTake: (shutter: TypedShutter) => void }) {
  const [typed, setTyped] = useState<TypedShutter | null>(null);
  const take = () => typed && onTake(typed);
  return (
    <div className="grid grid-cols-[1fr_auto] items-start gap-2">
      <ParsedField
        label={label}
        hideLabel
        autoFocus
        keepDraft
        placeholder="250"
        text=""
        parse={parseShutter}
        hint="250 is 1/250; seconds as 2s"
        onValue={setTyped}
        onRefused={() => setTyped(null)}
        onEnter={take}
      />
      <Button kind="action" disabled={!typed} onClick={take}>
        Take it
      </Button>
    </div>
  );
}
