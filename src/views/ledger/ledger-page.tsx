import { useState } from 'react';
import { Download, Upload } from 'lucide-react';
import { type LedgerEntry } from '@/model/ledger';
import { Button } from '@/ui/button';
import { FilePicker } from '@/ui/file-picker';
import { writeTakesCsv } from '@/store';
import { saveFile } from '@/ui/save-file';
import { throughText, LEDGER_TEXT } from '@/words';
import { PageHead } from '../shared/page-head';
import { useBag } from '../shared/workspace-context';
import { FilesPart } from './files-part';
import { Heeding } from './heeding';
import { LedgerPlots } from './ledger-plots';
import { LedgerTable } from './ledger-table';
import { Lessons } from './lessons';
import { ShotsTable } from './shots-table';
import { ToBuy } from './to-buy';
import { useLedger } from './use-ledger';

/** What the shots of all stands come to: what is learnt from them, in plots, and one by one. */
export function LedgerPage() {
  const { entries, lessons } = useLedger();
  return (
    <div className="relative h-full overflow-y-auto">
      <title>Ledger · Pale Seam</title>
      <div className="mx-auto max-w-5xl space-y-8 px-4 py-6 desk:px-8">
        <PageHead title="Ledger">
          <BringTable />
          {entries.length > 0 && <SaveTable entries={entries} />}
        </PageHead>
        {entries.length === 0 ? (
          <p className="max-w-xl text-quiet">{LEDGER_TEXT.everyShotToldI}</p>
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

/** Shots from a table, shown as they were understood before any is taken. */
function BringTable() {
  const [table, setTable] = useState<{ readonly name: string; readonly text: string } | null>(null);
  return (
    <>
      <FilePicker
        label="Table of shots"
        accept=".csv,.txt,.tsv,text/csv,text/plain"
        onFile={(file) => void file.text().then((text) => setTable({ name: file.name, text }))}
      >
        {(pick) => (
          <Button onClick={pick}>
            <Upload size={18} aria-hidden /> From a table
          </Button>
        )}
      </FilePicker>
      {table && <ShotsTable {...table} onClose={() => setTable(null)} />}
    </>
  );
}

function SaveTable({ entries }: { entries: readonly LedgerEntry[] }) {
  const bag = useBag();
  const nameOf = (filterId: string) => throughText([filterId], bag);
  return (
    <Button onClick={() => saveFile({ name: 'pale-seam-shots.csv', text: writeTakesCsv(entries, nameOf) })}>
      <Download size={18} aria-hidden /> Save as a table
    </Button>
  );
}
