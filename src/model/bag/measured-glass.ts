import { type DensityProfile, type DensitySample, sampledProfile } from '@/core/glass';
import { type Cast, type SheetMeasured, type SheetProfile } from '@/core/measuring';
import { type PhotoTells } from '../frame/photo';
import { type Filter, type SheetFilter } from './bag';
import { meteredEv } from '../stand/metered';

/** Figures are kept so finely: a hundredth of a stop, a tenth of a millimetre. */
const kept = ({ mm, stops }: DensitySample): DensitySample => ({
  mm: Math.round(10 * mm) / 10,
  stops: Math.round(100 * stops) / 100,
});

/** Stretches that a measured transition is told in. */
const STRETCHES = 10;

/** A sheet that goes by what a pair of pictures said of it; what it is sold as stays. */
export function withMeasured<F extends SheetFilter>(filter: F, { stops, transitionMm }: SheetMeasured): F {
  const profile: DensityProfile = {
    kind: 'graduated',
    stops: Math.max(0, stops.value),
    transitionMm: Math.max(0.5, transitionMm.value),
  };
  return { ...filter, measuredSamples: sampledProfile(profile, STRETCHES).map(kept) };
}

/** A sheet that goes by its profile from a photo: about the seam that it is set by, wherever the photo's own lies. */
export function withProfile<F extends SheetFilter>(
  filter: F,
  { samples, seamFromDarkEndMm }: SheetProfile,
): F {
  const { sheetLengthMm } = filter;
  const seam =
    filter.seamFromDarkEndMm ?? (sheetLengthMm === undefined ? seamFromDarkEndMm : sheetLengthMm / 2);
  const off = seam - seamFromDarkEndMm;
  return { ...filter, measuredSamples: samples.map(({ mm, stops }) => kept({ mm: mm + off, stops })) };
}

/** A filter as it is sold again. */
export function asSold<F extends Filter>({ castStops: _, measuredStops: __, ...filter }: F): F {
  const { measuredSamples: ___, ...sold } = filter as { measuredSamples?: unknown };
  return sold as F;
}

/** A filter with the colour that was measured; one that hardly shows is none. */
export function withCast<F extends Filter>(filter: F, { red, blue }: Cast): F {
  const round = (stops: number) => Math.max(-3, Math.min(3, Math.round(100 * stops) / 100));
  return { ...filter, castStops: { red: round(red), blue: round(blue) } };
}

/** By how much longer the second of two pictures was exposed, stops; null where either does not tell. */
export function longerStops(without: PhotoTells, through: PhotoTells): number | null {
  if (!without.exposure || !through.exposure) return null;
  return meteredEv(without.exposure) - meteredEv(through.exposure);
}
