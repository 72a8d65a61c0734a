import { useSession, useOpenStand, useStand } from '../session';
import { shootIt } from './tell';

/** One big button on every step: the shot is made as the slip says, and asked what it shows. Check itself has its own. */
export function ShotButton({ className }: { className: string }) {
  const open = useOpenStand();
  const isChecking = useSession((s) => s.step === 'check');
  const hasTake = useStand((s) => !!s.takes?.length);
  if (isChecking && hasTake) return null;
  return (
    <button
      type="button"
      aria-keyshortcuts="X"
      className={`rounded-md border border-edge bg-panel font-semibold hover:bg-chosen ${className}`}
      onClick={() => shootIt(open)}
    >
      I have shot it
    </button>
  );
}
