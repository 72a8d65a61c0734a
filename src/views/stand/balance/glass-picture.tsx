import { isUpsideDown } from '@/core/optics';
import { isSheet, type Glass } from '@/model';
import { GlassSwatch } from '@/render';
import { type Littles, littleKey, LITTLE_SIDE } from '../pictured/use-littles';
import { PaintedPixels } from '../pictured/painted-pixels';
import { useSizeWithin } from '../pictured/size-within';

interface GlassPictureProps {
  readonly glass: Pick<Glass, 'filterIds' | 'filters' | 'seat'>;
  readonly littles: Littles;
}

/** Some glass as it would come out in little, beside it the sheets at true proportions. */
export function GlassPicture({ glass: { filterIds, filters, seat }, littles }: GlassPictureProps) {
  const sheets = filters.filter(isSheet);
  const pixels = littles.get(littleKey({ filterIds, seat }));
  const { width, height } = useSizeWithin(LITTLE_SIDE);
  return (
    <span className="flex shrink-0 items-start gap-1.5" style={{ width: LITTLE_SIDE + SWATCH + 6 }}>
      {pixels ? (
        <PaintedPixels pixels={pixels} width={width} height={height} />
      ) : (
        <span aria-hidden className="bg-rule" style={{ width, height }} />
      )}
      {sheets.length > 0 && (
        <GlassSwatch filters={sheets} upsideDown={!!seat && isUpsideDown(seat.turnDeg)} height={36} />
      )}
    </span>
  );
}

/** Room for the sheets beside the picture, px. */
const SWATCH = 30;
