import { COMMANDS_TEXT } from '@/words';
import { useCallback, useMemo } from 'react';
import { readingToRepeat, type ReadRole } from '@/model';
import { type Command, useCommands } from '@/ui/commands';
import { shootIt } from '../check/tell';
import { typeMetered } from '../read/metered-field';
import { useReadAgain } from '../read/use-read-again';
import { READ_ROLE_NAMES, ROLE_KEYS } from '../parts/roles';
import { STEP_TITLES, STEPS, useOpenStand, useSession, useStand } from '../session';

/** The steps, and what is read next. */
export function useReadCommands(): void {
  const chosenId = useSession((s) => (s.selection?.kind === 'reading' ? s.selection.id : null));
  const due = useStand((s) => readingToRepeat(s, chosenId));
  const setStep = useSession((s) => s.setStep);
  const limit = useSession((s) => s.draft.limit);
  const setDraft = useSession((s) => s.setDraft);
  const againNow = useReadAgain();
  const open = useOpenStand();
  const read = useCallback(
    (role: ReadRole) => {
      setStep('read');
      setDraft({ role, again: null });
      typeMetered();
    },
    [setStep, setDraft],
  );
  const commands = useMemo(
    (): Command[] => [
      ...STEPS.map((step, i) => ({
        name: STEP_TITLES[step],
        also: 'open step',
        keys: String(i + 1),
        run: () => setStep(step),
      })),
      ...Object.entries(ROLE_KEYS).map(([key, role]) => ({
        name: `Read ${READ_ROLE_NAMES[role].toLowerCase()}`,
        also: 'new reading role',
        keys: key.toUpperCase(),
        run: () => read(role),
      })),
      {
        name: limit ? COMMANDS_TEXT.nextReadingBalanced : COMMANDS_TEXT.nextReadingHeld,
        also: 'limit extremes',
        keys: 'H',
        run: () => {
          setStep('read');
          setDraft({ limit: !limit });
        },
      },
      {
        name: 'I have shot it',
        also: COMMANDS_TEXT.takeShootPhotoFrame,
        keys: 'X',
        run: () => shootIt(open),
      },
      ...(due
        ? [{ name: 'Read a spot again', also: 'drift history', keys: 'A', run: () => againNow(due) }]
        : []),
    ],
    [setStep, setDraft, read, due, againNow, limit, open],
  );
  useCommands('Steps and readings', commands);
}
