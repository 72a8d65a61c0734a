import { ClipboardPaste, Sheet } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { readingsFileName, writeReadingsCsv } from '@/store';
import { Button } from '@/ui/button';
import { saveFile } from '@/ui/save-file';
import { useStand } from '../session';

const ReadingsTable = lazy(() => import('./readings-table').then((m) => ({ default: m.ReadingsTable })));

/** Readings as a table, in and out. */
export function TableTools() {
  const stand = useStand();
  const [isOpen, setOpen] = useState(false);
  return (
    <div className="flex flex-wrap gap-2">
      <Button kind="quiet" onClick={() => setOpen(true)}>
        <ClipboardPaste size={18} aria-hidden /> Paste a table
      </Button>
      {stand.readings.length > 0 && (
        <Button
          kind="quiet"
          onClick={() => saveFile({ name: readingsFileName(stand), text: writeReadingsCsv(stand.readings) })}
        >
          <Sheet size={18} aria-hidden /> Save as CSV
        </Button>
      )}
      {isOpen && (
        <Suspense>
          <ReadingsTable onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </div>
  );
}
