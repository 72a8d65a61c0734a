import { useStand } from '../stand-context';

/** Handlers that show the frame without the grad for as long as a finger or the mouse presses. */
export function useBarePress() {
  const { setBare } = useStand();
  const release = () => setBare(false);
  return {
    onPointerDown: () => setBare(true),
    onPointerUp: release,
    onPointerLeave: release,
    onPointerCancel: release,
  };
}
