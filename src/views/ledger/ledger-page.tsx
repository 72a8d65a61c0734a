import { Download } from 'lucide-react';
import { type LedgerEntry } from '@/model';
import { Button } from '@/ui/button';
import { writeTakesCsv } from '@/store';
import { saveFile } from '@/ui/save-file';
import { throughText } from '@/words';
import { useBag } from '../workspace/workspace-context';
import { FilesPart } from './files-part';
import { Heeding } from './heeding';
import { LedgerPlots } from './ledger-plots';
import { LedgerTable } from './ledger-table';
import { Lessons } from './lessons';
import { ToBuy } from './to-buy';
import { useLedger } from './use-ledger';

/** What the shots of all stands come to: what is learnt from them, in plots, and one by one. */
export function LedgerPage() {
  const { entries, lessons } = useLedger();
  return (
    <div className="relative h-full overflow-y-auto">
      <title>Ledger · Pale Seam</title>
      <div className="mx-auto max-w-5xl space-y-8 px-4 py-6 desk:px-8">
        <div className="flex flex-wrap items-center justify-between gap-3">
          <h1 className="text-2xl font-semibold">Ledger</h1>
          {entries.length > 0 && <SaveTable entries={entries} />}
        </div>
        {entries.length === 0 ? (
          <p className="max-w-xl text-quiet">
            Every shot that is told with “I have shot it” comes to stand here, with what it showed. What they
            say together of your glass, your hand and your taste is offered here, and nothing is changed by
            itself.
          </p>
        ) : (
          <>
            <Lessons lessons={lessons} />
            <Heeding />
            <LedgerPlots entries={entries} />
            <FilesPart entries={entries} />
            <ToBuy />
            <LedgerTable entries={entries} />
          </>
        )}
      </div>
    </div>
  );
}

function SaveTable({ entries }: { entries: readonly LedgerEntry[] }) {
  const bag = useBag();
  const names = (ids: readonly string[]) => (ids.length ? throughText(ids, bag) : '');
  return (
    <Button onClick={() => saveFile({ name: 'pale-seam-shots.csv', text: writeTakesCsv(entries, names) })}>
      <Download size={18} aria-hidden /> Save as a table
    </Button>
  );
}
