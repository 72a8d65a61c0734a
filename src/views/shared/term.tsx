import { Popover } from 'radix-ui';
import { type ReactNode } from 'react';
import { useCommandState } from '@/ui/commands';
import { HELP_WORDS, type HelpWord } from '@/words';
import { HelpDrawing } from './help-drawing';

interface TermProps {
  of: HelpWord;
  children: ReactNode;
  className?: string;
}

/** One of the product's own words: a tap says what it means, in a sentence and a small drawing. */
export function Term({ of, children, className = '' }: TermProps) {
  const { word, text } = HELP_WORDS[of];
  const setOpen = useCommandState((s) => s.setOpen);
  return (
    <Popover.Root>
      <Popover.Trigger
        title={`What ${word.toLowerCase()} means`}
        className={`min-h-6 pointer-coarse:-my-2.5 pointer-coarse:min-h-11 underline decoration-edge decoration-dashed decoration-1 underline-offset-4 hover:decoration-action ${className}`}
      >
        {children}
      </Popover.Trigger>
      {/* inside the page's main part, so that what it holds belongs to a landmark */}
      <Popover.Portal container={document.getElementById('main')}>
        <Popover.Content
          aria-label={word}
          collisionPadding={12}
          align="start"
          sideOffset={4}
          className="z-50 flex max-w-[min(26rem,calc(100vw-1.5rem))] flex-wrap gap-3 rounded-md border border-ink bg-panel p-3 font-sans text-[15px] font-normal tracking-normal text-ink normal-case"
        >
          <HelpDrawing of={of} />
          <div className="min-w-40 flex-1">
            <p className="font-semibold">{word}</p>
            <p>{text}</p>
            <button
              type="button"
              className="min-h-11 font-semibold text-action underline underline-offset-4"
              onClick={() => setOpen('help')}
            >
              All words
            </button>
          </div>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
