import { type Take, takeNumber } from '@/model';
import { Divided } from '../pictured/divided';
import { useStand } from '../session';
import { TakePicture } from './take-picture';

/** Two shots one over the other, parted by a line that is drawn across. */
export function Compared({ first, second }: { first: Take; second: Take }) {
  const stand = useStand();
  const sideOf = (take: Take) => ({
    name: `shot ${takeNumber(stand, take.id)}`,
    picture: (side: number) => <TakePicture take={take} side={side} className="block" />,
  });
  return <Divided what="the two shots" first={sideOf(first)} second={sideOf(second)} />;
}
