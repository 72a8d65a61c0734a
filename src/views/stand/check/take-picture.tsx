import { useMemo } from 'react';
import { type Take, takeThrough } from '@/model';
import { useAnswer, useStandBag } from '../session';
import { useSizeWithin } from '../pictured/size-within';
import { ThroughPicture } from '../pictured/through-picture';

/** A shot's own picture in little serves up to this side, px. */
const OWN_SIDE = 120;

interface TakePictureProps {
  readonly take: Take;
  /** Along the longer side, px. */
  readonly side: number;
  readonly className?: string;
}

/** A shot in little, as the plan would have it: its glass at its seat, its exposure, the light as it is known. */
export function TakePicture({ take, side, className = '' }: TakePictureProps) {
  const lit = useAnswer((a) => a.lit);
  const bag = useStandBag();
  const { width, height } = useSizeWithin(side);
  const through = useMemo(() => takeThrough(take, lit, bag), [take, lit, bag]);
  const own = side <= OWN_SIDE ? take.file?.small : undefined;
  // its own picture, where it has one
  if (own)
    return (
      <img
        src={own}
        alt=""
        style={{ width, height }}
        className={`in-little bg-rule object-cover ${className}`}
      />
    );
  return <ThroughPicture through={through} side={side} className={className} />;
}
