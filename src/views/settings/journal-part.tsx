import { useState } from 'react';
import { useStore } from 'zustand';
import { clearJournal, journal, journalText } from '@/store';
import { Button } from '@/ui/button';
import { momentText, SETTINGS_TEXT } from '@/words';

/** Errors that nobody caught: to be read, copied and forgotten. */
export function JournalPart() {
  const entries = useStore(journal, (j) => j.entries);
  const [isCopied, setCopied] = useState<boolean | null>(null);
  const copy = () =>
    navigator.clipboard.writeText(journalText(entries)).then(
      () => setCopied(true),
      () => setCopied(false),
    );
  return (
    <section aria-labelledby="journal" className="space-y-3">
      <h2 id="journal" className="text-lg font-semibold">
        What went wrong
      </h2>
      {entries.length === 0 ? (
        <p className="text-quiet">{SETTINGS_TEXT.nothingFailedShouldNot}</p>
      ) : (
        <>
          <p className="text-quiet">
            {entries.length === 1 ? 'One error was' : `${entries.length} errors were`}{' '}
            {SETTINGS_TEXT.notedDeviceNothingSent}
          </p>
          <ol aria-label="Errors, the newest first" className="border-t border-rule">
            {entries.toReversed().map((entry, i) => (
              <li key={i} className="border-b border-rule py-2">
                <details>
                  <summary className="min-h-11 cursor-pointer break-words">
                    <span className="text-quiet">{momentText(entry.at)}</span> {entry.message}
                  </summary>
                  <pre className="overflow-x-auto font-mono text-sm whitespace-pre-wrap text-quiet">
                    {entry.page}
                    {'\n'}
                    {entry.stack}
                  </pre>
                </details>
              </li>
            ))}
          </ol>
          <div className="flex flex-wrap items-center gap-2">
            <Button onClick={() => void copy()} disabled={!navigator.clipboard}>
              Copy all of it
            </Button>
            <Button kind="quiet" onClick={clearJournal}>
              Forget it
            </Button>
            <span role="status" className="text-quiet">
              {isCopied === true && 'Copied.'}
              {isCopied === false && SETTINGS_TEXT.copyingNotPossibleOpen}
            </span>
          </div>
        </>
      )}
    </section>
  );
}
