import { X } from 'lucide-react';
import { Dialog as Radix } from 'radix-ui';
import { type ReactNode, useState } from 'react';

export interface DialogProps {
  title: string;
  open: boolean;
  onClose: () => void;
  children: ReactNode;
  /** The title is heard only. */
  hideTitle?: boolean;
}

/**
 * Something that must be seen to before going on, for as long as it is mounted; Escape, a press beside it or its cross puts it away,
 * and the focus goes back to where it was.
 */
export function Dialog({ title, open, onClose, children, hideTitle = false }: DialogProps) {
  const [before] = useState(() => document.activeElement);
  return (
    <Radix.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-ground/70" />
        <Radix.Content
          aria-describedby={undefined}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            const back = before?.isConnected ? before : document.getElementById('main');
            (back as HTMLElement | null)?.focus();
          }}
          className="fixed inset-x-3 top-[max(0.75rem,8dvh)] z-50 mx-auto flex max-h-[84dvh] max-w-xl flex-col rounded-md border border-ink bg-panel"
        >
          <div
            className={hideTitle ? 'sr-only' : 'flex items-center gap-3 border-b border-rule py-1 pr-1 pl-5'}
          >
            <Radix.Title className="mr-auto text-lg font-semibold">{title}</Radix.Title>
            <Radix.Close
              aria-label="Close"
              className="inline-flex size-11 items-center justify-center rounded-md hover:bg-chosen"
            >
              <X size={20} aria-hidden />
            </Radix.Close>
          </div>
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
