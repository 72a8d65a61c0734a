import { useEffect } from 'react';
import { bagForStand } from '@/model';
import { type StandSummary } from '@/store';
import { useBag, useWorkspace } from '../workspace/workspace-context';

/** Has the answers of the stands that are shown worked out, in their order, for as long as they are shown. */
export function useAnswers(shown: readonly StandSummary[]): void {
  const { summaries } = useWorkspace();
  const bag = useBag();
  useEffect(() => {
    summaries.want(shown.map(({ document: kept }) => ({ stand: kept.stand, bag: bagForStand(kept, bag) })));
    return () => summaries.rest();
  }, [summaries, shown, bag]);
}
