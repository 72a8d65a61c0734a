import { isUpsideDown } from '@/core/optics';
import { isSheet, type Glass } from '@/model';
import { GlassSwatch } from '@/render';
import { LittlePicture } from '../pictured/little-picture';
import { LITTLE_SIDE, type Littles } from '../pictured/use-littles';

interface GlassPictureProps {
  readonly glass: Pick<Glass, 'filterIds' | 'filters' | 'seat'>;
  readonly littles: Littles;
}

/** Some glass as it would come out in little, beside it the sheets at true proportions. */
export function GlassPicture({ glass: { filterIds, filters, seat }, littles }: GlassPictureProps) {
  const sheets = filters.filter(isSheet);
  return (
    <span className="flex shrink-0 items-start gap-1.5" style={{ width: LITTLE_SIDE + SWATCH + 6 }}>
      <LittlePicture littles={littles} of={{ filterIds, seat }} />
      {sheets.length > 0 && (
        <GlassSwatch filters={sheets} upsideDown={!!seat && isUpsideDown(seat.turnDeg)} height={36} />
      )}
    </span>
  );
}

/** Room for the sheets beside the picture, px. */
const SWATCH = 30;
