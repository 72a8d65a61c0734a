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
      evMidGrey: glass?.outcome.exposure?.evMidGrey ?? derived.inUse?.outcome.bareMidGreyEv ?? layers.usualEv,
      glass: dimmed,
    };
  }, [prepared, layers, stand.skyline, stand.shapes, glass, dimmed, derived.inUse]);
}
