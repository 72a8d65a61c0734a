import { Maximize2 } from 'lucide-react';
import { useSession } from '../../session';
import { WHOLE } from '../../session/zoom';

/** How many times larger the frame is looked at, and the way back. */
export function WholeFrame() {
  const zoom = useSession((s) => s.zoom);
  const setZoom = useSession((s) => s.setZoom);
  return (
    <button
      type="button"
      onClick={() => setZoom(() => WHOLE)}
      className="absolute bottom-2 left-2 flex min-h-11 items-center gap-2 rounded-md border border-edge bg-panel px-3 font-semibold"
    >
      <Maximize2 size={18} aria-hidden />
      Whole frame <span className="font-mono text-sm font-normal text-quiet">{zoom.times.toFixed(1)}×</span>
    </button>
  );
}
