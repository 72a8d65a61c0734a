import { useMemo } from 'react';
import { fineDimming } from '@/core/balance';
import { type Glass } from '@/model';
import { type FramePicture, frameLayers } from '@/render';
import { bagSheet, isSheet } from '@/model';
import { useStand } from './stand-context';

/** What the painter needs to show the stand through some glass, or bare; null where it cannot be computed. */
export function usePicture(glass: Glass | null): Omit<FramePicture, 'theme'> | null {
  const { stand, derived } = useStand();
  const { prepared } = derived;
  const field = prepared?.input.field;
  const layers = useMemo(() => field && frameLayers(field), [field]);
  const input = prepared?.input;
  const filters = glass?.filters;
  const seat = glass?.seat ?? null;
  const dimmed = useMemo(() => {
    if (!input || !filters?.length || !seat) return null;
    return { seat, dimmingAt: fineDimming(input, filters.filter(isSheet).map(bagSheet), seat) };
  }, [input, filters, seat]);
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
