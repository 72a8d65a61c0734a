import { Fold } from '@/ui/fold';
import { closedText, momentText } from '@/words';
import { useStand } from '../session';

/** The exposures that were made here, the last first: early, over, or as planned. */
export function Made() {
  const exposures = useStand((s) => s.exposures);
  if (!exposures?.length) return null;
  return (
    <Fold summary={`${exposures.length} ${exposures.length === 1 ? 'exposure' : 'exposures'} made here`}>
      <ol aria-label="Exposures made here" className="pb-3 text-sm">
        {exposures.toReversed().map((e) => (
          <li key={e.openedAt} className="flex gap-3 border-t border-rule py-1.5">
            <span className="font-mono">{momentText(e.openedAt)}</span>
            <span>{closedText(e)}</span>
          </li>
        ))}
      </ol>
    </Fold>
  );
}
