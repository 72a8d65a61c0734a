import { useMemo } from 'react';
import { type LightField, type PictureTie } from '@/core/field';
import { vignetteField } from '@/core/optics';
import { lightOfFigures, middleStops } from '@/core/photo';
import { MID_GREY } from '@/core/units';
import { type Glass, openingsOf, polariserBand, type StandPicture } from '@/model';
import { type FramePicture, frameLayers } from '@/render';
import { useStand } from '../stand-context';

/** A frame's picture, but for the theme it is shown in. */
export type Picture = Omit<FramePicture, 'theme'> & { readonly tie: PictureTie | null };

/** What the painter needs to show the stand through some glass, or bare; null where it cannot be computed. */
export function usePicture(glass: Glass | null): Picture | null {
  const { stand, bag, derived, bracketFrame } = useStand();
  const { camera, lens, look, fitted, skyline } = stand;
  const { prepared } = derived;
  const field = prepared?.input.field;
  const layers = useMemo(() => field && frameLayers(field), [field]);
  const set = glass?.set;
  const seat = glass?.seat ?? null;
  const dimmed = useMemo(
    () => (prepared && set?.length && seat ? { seat, tables: prepared.tables(set, seat) } : null),
    [prepared, set, seat],
  );
  const turnDeg = seat?.turnDeg ?? 0;
  const vignette = useMemo(() => {
    if (!prepared || !layers) return null;
    const { lens, frame } = prepared.input;
    const openings = openingsOf(bag, lens);
    if (!openings.slot && !openings.rings.length) return null;
    return vignetteField(lens, frame, openings, { turnDeg, columns: layers.columns, rows: layers.rows });
  }, [prepared, layers, bag, turnDeg]);
  // the polariser's band follows camera, directions and its own turn, and none of what is dragged
  const skyShift = useMemo(
    () => (layers ? polariserBand({ ...stand, camera, lens, look, fitted, skyline }, bag, layers) : null),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- of the stand only what is named matters
    [layers, bag, camera, lens, look, fitted, skyline],
  );
  const { picture } = stand;
  const own = useMemo(() => picture && midGreyStops(picture), [picture]);
  const tie = useMemo((): PictureTie | null => {
    if (!field || !layers || own === undefined) return null;
    // where nothing ties it, its mid-grey is shown as the usual light
    return field.tie ?? { offsetEv: layers.usualEv - own, contrast: 1, by: 'exposure-data' };
  }, [field, layers, own]);
  const exposed = derived.bracket?.ok ? derived.bracket.frames[bracketFrame] : null;
  return useMemo(() => {
    if (!prepared || !layers) return null;
    const { frame, lens: seen, window } = prepared.input;
    return {
      layers,
      frame,
      lens: seen,
      window,
      skyline: stand.skyline,
      shapes: stand.shapes ?? [],
      // bare, the land stays where it is placed and the sky goes where it goes
      evMidGrey:
        exposed?.evMidGrey ??
        glass?.outcome.exposure?.evMidGrey ??
        derived.inUse?.outcome.bareMidGreyEv ??
        (tie && own !== undefined ? tie.offsetEv + tie.contrast * own : layers.usualEv),
      tie,
      known: knownCells(prepared.input.field),
      glass: dimmed,
      vignette,
      skyShift,
    };
  }, [
    prepared,
    layers,
    stand.skyline,
    stand.shapes,
    glass,
    dimmed,
    derived.inUse,
    exposed,
    vignette,
    skyShift,
    tie,
    own,
  ]);
}

const knownCells = ({ known, grid }: LightField): Picture['known'] =>
  known ? { columns: grid.columns, rows: grid.rows, cells: known } : null;

/** Light that a picture itself has at mid-grey, log2: where the camera put it, or else half of it lies above. */
const midGreyStops = ({ coding, light }: StandPicture): number =>
  coding ? middleStops(lightOfFigures(light)) : Math.log2(MID_GREY);
