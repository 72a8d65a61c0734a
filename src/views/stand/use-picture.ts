import { useMemo } from 'react';
import { type Glass } from '@/model';
import { type FramePicture, frameLayers } from '@/render';
import { useStand } from './stand-context';

/** A frame's picture, but for the theme it is shown in. */
export type Picture = Omit<FramePicture, 'theme'>;

/** What the painter needs to show the stand through some glass, or bare; null where it cannot be computed. */
export function usePicture(glass: Glass | null): Picture | null {
  const { stand, derived, bracketFrame } = useStand();
  const { prepared } = derived;
  const field = prepared?.input.field;
  const layers = useMemo(() => field && frameLayers(field), [field]);
  const set = glass?.set;
  const seat = glass?.seat ?? null;
  const dimmed = useMemo(
    () => (prepared && set?.length && seat ? { seat, tables: prepared.tables(set, seat) } : null),
    [prepared, set, seat],
  );
  const exposed = derived.bracket?.ok ? derived.bracket.frames[bracketFrame] : null;
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
      evMidGrey:
        exposed?.evMidGrey ??
        glass?.outcome.exposure?.evMidGrey ??
        derived.inUse?.outcome.bareMidGreyEv ??
        layers.usualEv,
      glass: dimmed,
    };
  }, [prepared, layers, stand.skyline, stand.shapes, glass, dimmed, derived.inUse, exposed]);
}
