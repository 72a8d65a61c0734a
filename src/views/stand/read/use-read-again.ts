import { useCallback } from 'react';
import { type Reading } from '@/model';
import { typeMetered } from './metered-field';
import { useSession } from '../session';

/** Begins to read a spot again: the meter's next figure is a further look at it. */
export function useReadAgain(): (reading: Reading) => void {
  const setStep = useSession((s) => s.setStep);
  const setDraft = useSession((s) => s.setDraft);
  const select = useSession((s) => s.select);
  return useCallback(
    ({ id, role, limit = false }) => {
      setStep('read');
      setDraft({ role, place: null, limit, again: id });
      select(null);
      // the field, or the pad, is there once the step is
      setTimeout(() => {
        document.getElementById('open-step')?.scrollTo({ top: 0 });
        typeMetered();
      });
    },
    [setStep, setDraft, select],
  );
}
