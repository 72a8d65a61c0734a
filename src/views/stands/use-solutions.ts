import { useEffect } from 'react';
import { useStore } from 'zustand';
import { bagForStand } from '@/model';
import { type Solutions, type StandSummary } from '@/store';
import { useBag, useWorkspace } from '../shell/workspace-context';

/** The answers of the stands that are shown, as they come; those that are not there yet are worked out. */
export function useSolutions(shown: readonly StandSummary[]): Solutions {
  const { summaries } = useWorkspace();
  const bag = useBag();
  useEffect(() => {
    summaries.want(shown.map(({ document }) => ({ stand: document.stand, bag: bagForStand(document, bag) })));
    return () => summaries.rest();
  }, [summaries, shown, bag]);
  return useStore(summaries.state, (s) => s.solutions);
}
