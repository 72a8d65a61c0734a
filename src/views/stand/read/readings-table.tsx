import { useId, useMemo, useState } from 'react';
import { addReading, MAX_READINGS, meteredEv, momentOf } from '@/model';
import { readReadingsCsv, type ReadingRow } from '@/store';
import { Button } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { FilePicker } from '@/ui/file-picker';
import { RoleIcon } from '@/ui/role-mark';
import { clockText, meterSettingsText, percentText, stopsFigure, READ_TEXT } from '@/words';
import { READ_ROLE_NAMES } from '../parts/roles';
import { RefusedLineNote } from '../../shared/understood-lines';
import { useNewId } from '../../shared/workspace-context';
import { useEdit, useStand, useStandBag } from '../session';

const EXAMPLE = 'sky, 8, 250, 100\nland, 30\nsky hold, EV 15.3';

/** Readings pasted from a notebook or brought in as a table, shown as they were understood before any is taken. */
export function ReadingsTable({ onClose }: { onClose: () => void }) {
  const stand = useStand();
  const bag = useStandBag();
  const edit = useEdit();
  const [text, setText] = useState('');
  const last = stand.readings.findLast((r) => r.aperture !== undefined);
  const day = momentOf(stand);
  const newId = useNewId();
  const rows = useMemo(
    () =>
      text.trim()
        ? readReadingsCsv(text, {
            bag,
            aperture: last?.aperture ?? 8,
            iso: last?.iso ?? 100,
            day,
          })
        : [],
    [text, bag, last, day],
  );
  const room = MAX_READINGS - stand.readings.length;
  const good = rows.flatMap((r) => (r.ok ? [r.reading] : [])).slice(0, room);
  const take = () => {
    edit((s) => good.reduce((t, reading) => addReading(t, { ...reading, id: newId('r') }), s));
    onClose();
  };
  return (
    <Dialog title="Readings from a table" open onClose={onClose}>
      <Paste text={text} onText={setText} />
      <ul
        className="mt-2 min-h-0 flex-1 overflow-y-auto px-5"
        tabIndex={0}
        aria-label="Readings as understood"
        aria-live="polite"
      >
        {rows.map((row) => (
          <Row key={row.line} row={row} />
        ))}
      </ul>
      {rows.filter((r) => r.ok).length > room && (
        <p className="px-5 text-sm text-fault">{READ_TEXT.standHoldsReadingsRest(MAX_READINGS)}</p>
      )}
      <div className="flex flex-wrap gap-2 border-t border-rule p-3">
        <Button kind="action" disabled={!good.length} onClick={take}>
          Take {good.length} {good.length === 1 ? 'reading' : 'readings'}
        </Button>
        <Button onClick={onClose}>Leave them</Button>
      </div>
    </Dialog>
  );
}

/** Where the lines are pasted, or come from a file. */
function Paste({ text, onText }: { text: string; onText: (text: string) => void }) {
  const id = useId();
  return (
    <div className="space-y-2 px-5">
      <label htmlFor={id} className="block text-sm text-quiet">
        {READ_TEXT.pasteLinesNotebookF}
      </label>
      <textarea
        id={id}
        rows={5}
        value={text}
        placeholder={EXAMPLE}
        spellCheck={false}
        className="w-full rounded-md border border-edge bg-panel p-2.5 font-mono"
        onChange={(e) => onText(e.target.value)}
      />
      <FilePicker
        label="Table of readings"
        accept=".csv,.txt,.tsv,text/csv,text/plain"
        onFile={(file) => void file.text().then(onText)}
      >
        {(pick) => <Button onClick={pick}>From a file</Button>}
      </FilePicker>
    </div>
  );
}

function Row({ row }: { row: ReadingRow }) {
  if (!row.ok)
    return (
      <li className="border-b border-rule py-2">
        <RefusedLineNote row={row} />
      </li>
    );
  const { reading, assumed } = row;
  const { role, u, v, limit, takenAt } = reading;
  const about = [
    meterSettingsText(reading),
    u !== undefined && v !== undefined && `${percentText(u)} across, ${percentText(v)} down`,
    limit && 'to be held',
    takenAt && clockText(takenAt),
    assumed.length > 0 && `${assumed.join(' and ')} kept from before`,
  ].filter(Boolean);
  return (
    <li className="flex items-center gap-2.5 border-b border-rule py-2">
      <RoleIcon role={role} />
      <span className="w-16 shrink-0">{READ_ROLE_NAMES[role]}</span>
      <span className="shrink-0 font-mono font-semibold">EV {stopsFigure(meteredEv(reading))}</span>
      <span className="text-sm text-quiet">{about.join('; ')}</span>
    </li>
  );
}
