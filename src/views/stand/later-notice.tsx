import { laterText } from '@/words';
import { useStand, useStandBag } from './session';

/** What of the stand or its glass a newer version has told, and that is not understood here. */
export function LaterNotice() {
  const ofStand = useStand((s) => s.later);
  const ofBag = useStandBag().later;
  const text = laterText([...(ofStand ?? []), ...(ofBag ?? [])]);
  return text && <p className="mb-2 border-l-2 border-edge pl-2.5 text-sm">{text}</p>;
}
