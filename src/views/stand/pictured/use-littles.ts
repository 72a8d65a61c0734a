import { useEffect, useMemo, useState } from 'react';
import { type Bag, type Pixels } from '@/model';
import { pixelsOfImage } from '@/render';
import { type LittleWanted } from '@/workers';
import { useWorkspace } from '../../shared/workspace-context';
import { useAnswer, usePhoto } from '../session';
import { DENSEST, useSizeWithin } from './size-within';

/** Pictures of the stand through sets of glass, by `littleKey`; one that is not painted yet is not there. */
export type Littles = ReadonlyMap<string, Pixels>;

/** A name for a set of glass at its seat under a look. */
export const littleKey = ({ filterIds, seat, apartMm = 0, school }: LittleWanted): string =>
  JSON.stringify([school ?? '', filterIds, seat?.offsetMm, seat?.turnDeg, apartMm]);

/** Nothing is painted while a hand still moves what it would be painted of, ms. */
const AT_REST_MS = 120;

/** Along the longer side of a picture in little, px of the page. */
export const LITTLE_SIDE = 84;

/**
 * The stand in little through some sets of glass, painted beside the page and again whenever its light changes; until then
 * the old ones stay.
 *
 * @param bag the stand's glass, and what else is wanted to be seen through
 * @param side along the longer side, px of the page
 */
export function useLittles(wanted: readonly LittleWanted[], bag: Bag, side = LITTLE_SIDE): Littles {
  const { clients } = useWorkspace();
  const stand = useAnswer((a) => a.lit);
  const isStale = useAnswer((a) => a.derived.stale);
  const image = usePhoto((p) => p.shown);
  const { width, height } = useSizeWithin(side);
  const photo = useMemo(
    () => image && pixelsOfImage(image.image, { width: DENSEST * width, height: DENSEST * height }),
    [image, width, height],
  );
  const [client] = useState(() => clients.little());
  const [littles, setLittles] = useState<Littles>(new Map());
  const asked = JSON.stringify(wanted.map(littleKey));
  useEffect(() => {
    if (isStale || asked === '[]') return;
    const timer = setTimeout(() => {
      void client.request({ stand, bag, photo, wanted }).then((result) => {
        if (result.type === 'done')
          setLittles(new Map(result.output.map((pixels, i) => [littleKey(wanted[i]!), pixels])));
      });
    }, AT_REST_MS);
    return () => clearTimeout(timer);
    // what is wanted is told by its names
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [client, stand, bag, photo, asked, isStale]);
  useEffect(() => () => client.dispose(), [client]);
  return littles;
}
