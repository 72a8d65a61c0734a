import { useMemo } from 'react';
import { type LightField, type PictureTie } from '@/core/field';
import { vignetteField } from '@/core/optics';
import { type Glass, openingsOf, polariserBand, seenCast } from '@/model';
import { type FrameLayers, type FramePicture, frameLayers, shownLight } from '@/render';
import { useShownGlass } from './shown-glass';
import { useDerived, useSession, useStand, useStandBag } from '../../session';

/** A frame's picture, but for the theme it is shown in. */
export type Picture = Omit<FramePicture, 'theme'> & { readonly tie: PictureTie | null };

/** The dimming of the glass that the frame is shown through, ready to be looked up; null where there is none. */
export function useDimming() {
  const prepared = useDerived((d) => d.prepared);
  const glass = useShownGlass();
  const set = glass?.set;
  const seat = glass?.seat;
  return useMemo(
    () => (prepared && set?.length && seat ? { seat, tables: prepared.tables(set, seat) } : null),
    [prepared, set, seat],
  );
}

/** The same one each time, so that nothing is drawn anew for it. */
const NO_SHAPES: FramePicture['shapes'] = [];

/** The exposure of a bracket that the frame shows; null where there is no bracket. */
function useBracketFrame() {
  const wanted = useSession((s) => s.bracketFrame);
  return useDerived(({ bracket }) =>
    bracket?.ok ? (bracket.frames[Math.min(wanted, bracket.frames.length - 1)] ?? null) : null,
  );
}

/** The polariser's band over the sky: it follows camera, directions and its own turn, and none of what is dragged. */
function usePolariserBand(layers: FrameLayers | undefined) {
  const camera = useStand((s) => s.camera);
  const lens = useStand((s) => s.lens);
  const look = useStand((s) => s.look);
  const fitted = useStand((s) => s.fitted);
  const skyline = useStand((s) => s.skyline);
  const bag = useStandBag();
  return useMemo(
    () => (layers ? polariserBand({ camera, lens, look, fitted, skyline }, bag, layers) : null),
    [layers, bag, camera, lens, look, fitted, skyline],
  );
}

/** What holder and rings shade towards the corners; null where they do not. */
function useVignette(layers: FrameLayers | undefined, turnDeg: number) {
  const prepared = useDerived((d) => d.prepared);
  const bag = useStandBag();
  return useMemo(() => {
    if (!prepared || !layers) return null;
    const { lens, frame } = prepared.input;
    const openings = openingsOf(bag, lens);
    if (!openings.slot && !openings.rings.length) return null;
    return vignetteField(lens, frame, openings, { turnDeg, columns: layers.columns, rows: layers.rows });
  }, [prepared, layers, bag, turnDeg]);
}

/** The colour of what is on the lens, with the glass that is shown or without any; null where none of it was measured. */
function useCast(glass: Glass | null) {
  const fitted = useStand((s) => s.fitted);
  const bag = useStandBag();
  const bare = useMemo(() => seenCast({ fitted }, bag, []), [fitted, bag]);
  return glass ? glass.cast : bare;
}

/** What the painter needs to show the stand as it is shown at the moment; null where it cannot be computed. */
export function usePicture(): Picture | null {
  const prepared = useDerived((d) => d.prepared);
  const bareEv = useDerived((d) => d.inUse?.outcome.bareMidGreyEv);
  const glass = useShownGlass();
  const skyline = useStand((s) => s.skyline);
  const shapes = useStand((s) => s.shapes);
  const picture = useStand((s) => s.picture);
  const exposed = useBracketFrame();
  const field = prepared?.input.field;
  const layers = useMemo(() => field && frameLayers(field), [field]);
  const dimmed = useDimming();
  const vignette = useVignette(layers, glass?.seat?.turnDeg ?? 0);
  const skyShift = usePolariserBand(layers);
  const cast = useCast(glass);
  const light = useMemo(
    () => field && layers && shownLight(field, layers.usualEv, picture),
    [field, layers, picture],
  );
  const glassEv = glass?.outcome.exposure?.evMidGrey;
  return useMemo(() => {
    if (!prepared || !layers || !light) return null;
    const { frame, lens, window } = prepared.input;
    return {
      layers,
      frame,
      lens,
      window,
      skyline,
      shapes: shapes ?? NO_SHAPES,
      // bare, the land stays where it is placed and the sky goes where it goes
      evMidGrey: exposed?.evMidGrey ?? glassEv ?? bareEv ?? light.evMidGrey,
      tie: light.tie,
      known: knownCells(prepared.input.field),
      glass: dimmed,
      vignette,
      skyShift,
      cast,
    };
  }, [prepared, layers, skyline, shapes, exposed, glassEv, bareEv, light, dimmed, vignette, skyShift, cast]);
}

const knownCells = ({ known, grid }: LightField): Picture['known'] =>
  known ? { columns: grid.columns, rows: grid.rows, cells: known } : null;
