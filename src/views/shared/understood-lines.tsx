import { type ReactNode } from 'react';
import { Button } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { refusedLineText, SHARED_TEXT } from '@/words';

/** A line that was not understood: where, and why. */
interface RefusedLine {
  readonly ok: false;
  readonly line: number;
  readonly column: string;
  readonly message: string;
}

/** What a line of a table came to that is left out. */
export function RefusedLineNote({ row }: { row: RefusedLine }) {
  return <span className="text-fault">{refusedLineText(row)}</span>;
}

interface UnderstoodLinesProps<R extends { readonly ok: true; readonly line: number }> {
  readonly title: string;
  readonly rows: readonly (R | RefusedLine)[];
  readonly show: (row: R) => ReactNode;
  /** What the button says that takes them, and how many it takes. */
  readonly take: string;
  readonly count: number;
  readonly onTake: () => void;
  readonly onClose: () => void;
}

/** A table as it was understood, line by line, shown before anything of it is taken. */
export function UnderstoodLines<R extends { readonly ok: true; readonly line: number }>({
  title,
  rows,
  show,
  take,
  count,
  onTake,
  onClose,
}: UnderstoodLinesProps<R>) {
  return (
    <Dialog title={title} open onClose={onClose}>
      <ul className="min-h-0 flex-1 overflow-y-auto px-5" tabIndex={0} aria-label="Lines of the table">
        {rows.map((row, i) => (
          <li key={i} className="border-b border-rule py-2">
            {row.ok ? show(row) : <RefusedLineNote row={row} />}
          </li>
        ))}
        {!rows.length && <li className="py-3 text-quiet">{SHARED_TEXT.noLineTable}</li>}
      </ul>
      <div className="flex flex-wrap gap-2 border-t border-rule p-3">
        <Button
          kind="action"
          disabled={!count}
          onClick={() => {
            onTake();
            onClose();
          }}
        >
          {take}
        </Button>
        <Button onClick={onClose}>Leave them</Button>
      </div>
    </Dialog>
  );
}
