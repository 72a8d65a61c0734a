import { useCallback } from 'react';
import { type FramePoint } from '@/core/field';
import { useStand } from '../stand-context';
import { middleOf, zoomedAbout } from './zoom';

/** Looks closer or from farther by a factor: about what is selected, else about the middle. */
export function useZoomSteps() {
  const { stand, selection, derived, setZoom } = useStand();
  const about = useCallback((): FramePoint | undefined => {
    switch (selection?.kind) {
      case 'point':
        return stand.skyline[selection.index];
      case 'reading':
        return derived.prepared?.input.field.readings.find((r) => r.id === selection.id)?.place;
      case 'shape':
        return stand.shapes?.find((s) => s.id === selection.id)?.points[0];
    }
  }, [selection, stand.skyline, stand.shapes, derived.prepared]);
  const lookCloser = useCallback(
    (factor: number) => setZoom((zoom) => zoomedAbout(zoom, factor, about() ?? middleOf(zoom))),
    [setZoom, about],
  );
  return { setZoom, lookCloser };
}
