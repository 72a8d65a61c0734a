import { useMemo } from 'react';
import { tableDimmingAt } from '@/core/optics';
import { bagSheet, type Glass, isSheet } from '@/model';
import { type FramePicture, frameLayers } from '@/render';
import { useStand } from './stand-context';

/** A frame's picture, but for the theme it is shown in. */
export type Picture = Omit<FramePicture, 'theme'>;

/** What the painter needs to show the stand through some glass, or bare; null where it cannot be computed. */
export function usePicture(glass: Glass | null): Picture | null {
  const { stand, derived } = useStand();
  const { prepared } = derived;
  const field = prepared?.input.field;
  const layers = useMemo(() => field && frameLayers(field), [field]);
  const filters = glass?.filters;
  const seat = glass?.seat ?? null;
  const dimmed = useMemo(() => {
    if (!prepared || !filters?.length || !seat) return null;
    const { fine } = prepared.tables(filters.filter(isSheet).map(bagSheet));
    return { seat, dimmingAt: (y: number) => tableDimmingAt(fine, y) };
  }, [prepared, filters, seat]);
  return useMemo(() => {
    if (!prepared || !layers) return null;
    const { frame, lens, window } = prepared.input;
    return {
      layers,
      frame,
      lens,
      window,
      skyline: stand.skyline,
      shapes: stand.shapes ?? [],
      // bare, the land stays where it is placed and the sky goes where it goes
      evCamera: exposureEv(glass, prepared.fittedStops) ?? bareEv(derived.inUse) ?? 9,
      glass: dimmed,
    };
  }, [prepared, layers, stand.skyline, stand.shapes, glass, dimmed, derived.inUse]);
}

/** EV at mid-grey through the glass, the ND and polariser that cover the frame alike added back. */
function exposureEv(glass: Glass | null, fittedStops: number): number | null {
  const exposure = glass?.outcome.exposure;
  return exposure ? exposure.evCamera + fittedStops : null;
}

/** EV at mid-grey of the exposure without any glass. */
function bareEv(glass: Glass | null): number | null {
  const reading = glass?.outcome.readings.find((r) => Number.isFinite(r.toneBareStops));
  return reading ? reading.ev100 - reading.toneBareStops : null;
}
