import { useMemo } from 'react';
import { type SeenThrough } from '@/model';
import { polariserChange, type Truth } from '@/model/bench';
import { RecordedPicture } from '../pictured/recorded-picture';
import { useStand, useStandBag } from '../session';

interface TruePictureProps {
  readonly truth: Truth;
  readonly through: SeenThrough;
  /** Along the longer side, px. */
  readonly side: number;
}

/** A simulated scene as the camera records it: the light that really is, through glass at its seat and all else that is on. */
export function TruePicture({ truth, ...props }: TruePictureProps) {
  const bench = useStand((s) => s.bench);
  const bag = useStandBag();
  const { stand, prepared } = truth;
  const brighterStops = useMemo(() => polariserChange({ ...stand, bench }, bag), [stand, bench, bag]);
  return (
    <RecordedPicture {...props} prepared={prepared} picture={stand.picture} brighterStops={brighterStops} />
  );
}
