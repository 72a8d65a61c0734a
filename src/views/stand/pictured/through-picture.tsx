import { type SeenThrough } from '@/model';
import { useAnswer, useStand } from '../session';
import { RecordedPicture } from './recorded-picture';

interface ThroughPictureProps {
  readonly through: SeenThrough;
  /** Along the longer side, px. */
  readonly side: number;
  readonly className?: string;
}

/** The stand as it would be recorded through some glass, the light as it is known. */
export function ThroughPicture(props: ThroughPictureProps) {
  const prepared = useAnswer((a) => a.ready);
  const picture = useStand((s) => s.picture);
  return <RecordedPicture {...props} prepared={prepared} picture={picture} />;
}
