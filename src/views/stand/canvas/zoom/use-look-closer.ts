import { useCallback } from 'react';
import { type FramePoint } from '@/core/field';
import { type OpenStand, useOpenStand } from '../../session';
import { middleOf, zoomedAbout } from '../../session/zoom';

/** Where what is selected lies; nothing where nothing is. */
function selectedPlace({ kept, answer, session }: OpenStand): FramePoint | undefined {
  const { selection } = session.getState();
  const { stand } = kept.state.getState().value;
  switch (selection?.kind) {
    case 'point':
      return stand.skyline[selection.index];
    case 'reading':
      return answer.getState().derived.prepared?.input.field.readings.find((r) => r.id === selection.id)
        ?.place;
    case 'shape':
      return stand.shapes?.find((s) => s.id === selection.id)?.points[0];
  }
}

/** Looks closer or from farther by a factor: about what is selected, else about the middle. */
export function useLookCloser(): (factor: number) => void {
  const open = useOpenStand();
  return useCallback(
    (factor) =>
      open.session
        .getState()
        .setZoom((zoom) => zoomedAbout(zoom, factor, selectedPlace(open) ?? middleOf(zoom))),
    [open],
  );
}
