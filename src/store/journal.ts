import { createStore } from 'zustand/vanilla';

/** An error that nobody caught. */
export interface JournalEntry {
  /** ISO 8601. */
  readonly at: string;
  readonly message: string;
  /** Where it came from, as far as the browser tells. */
  readonly stack: string;
  /** The page that was shown. */
  readonly page: string;
}

const KEY = 'pale-seam-journal';
const MOST = 50;
const LONGEST = 2_000;

function kept(): readonly JournalEntry[] {
  try {
    const read: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]');
    return Array.isArray(read) ? read.filter(isEntry).slice(-MOST) : [];
  } catch {
    return [];
  }
}

const isEntry = (entry: unknown): entry is JournalEntry =>
  typeof entry === 'object' &&
  entry !== null &&
  ['at', 'message', 'stack', 'page'].every(
    (key) => typeof (entry as Record<string, unknown>)[key] === 'string',
  );

/** Errors that nobody caught, the oldest first: kept on the device alone, to be read and copied. */
export const journal = createStore<{ readonly entries: readonly JournalEntry[] }>()(() => ({
  entries: kept(),
}));

function keep(entries: readonly JournalEntry[]): void {
  journal.setState({ entries });
  try {
    localStorage.setItem(KEY, JSON.stringify(entries));
  } catch {
    // private mode, or no room: it holds for this visit
  }
}

/** Notes an error; what was noted last is not noted again. */
export function note(error: unknown): void {
  const { message = String(error), stack = '' } = (error ?? {}) as Partial<Error>;
  const { entries } = journal.getState();
  const entry = {
    at: new Date().toISOString(),
    message: String(message).slice(0, LONGEST),
    stack: String(stack).slice(0, LONGEST),
    page: location.pathname.slice(0, LONGEST),
  };
  const last = entries.at(-1);
  if (last?.message === entry.message && last.stack === entry.stack) return;
  keep([...entries, entry].slice(-MOST));
}

export const clearJournal = (): void => keep([]);

/** Notes from now on what nobody catches. */
export function startJournal(): void {
  addEventListener('error', (event) => note(event.error ?? event.message));
  addEventListener('unhandledrejection', (event) => note(event.reason));
}

/** The journal as text, to be copied. */
export const journalText = (entries: readonly JournalEntry[]): string =>
  entries.map(({ at, message, stack, page }) => `${at} ${page}\n${message}\n${stack}`).join('\n\n');
