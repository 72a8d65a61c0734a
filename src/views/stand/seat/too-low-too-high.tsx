import { isUpsideDown } from '@/core/optics';
import { darkerName, sideNames, tooHighText, tooLowText, SEAT_TEXT } from '@/words';
import { LittlePicture } from '../pictured/little-picture';
import { useSizeWithin } from '../pictured/size-within';
import { useLittles } from '../pictured/use-littles';
import { atEase, useDerived, useStand, useStandBag } from '../session';

/** How far off a seat is plainly wrong, mm; beyond its play by some more. */
const FAR_MM = 8;
const BEYOND_PLAY_MM = 4;
/** Along the longer side, px: three fit into a step's sheet. */
const SIDE = 114;

/** The picture as it would come out with the sheet too low, as it is, and too high. */
export const TooLowTooHigh = atEase(function TooLowTooHigh() {
  const stand = useStand();
  const bag = useStandBag();
  const derived = useDerived();
  const { filterIds = [], seat = null, apartMm = 0, figures } = derived.inUse ?? {};
  const play = figures?.playMm ?? [0, 0];
  const off = Math.max(FAR_MM, -play[0] + BEYOND_PLAY_MM, play[1] + BEYOND_PLAY_MM);
  const offMm = Math.round(off);
  const at = (mm: number) => ({
    filterIds,
    apartMm,
    seat: seat && { ...seat, offsetMm: seat.offsetMm + mm },
  });
  const wanted = [at(-offMm), at(0), at(offMm)];
  const littles = useLittles(seat ? wanted : [], bag, SIDE);
  const { width } = useSizeWithin(SIDE);
  if (!seat) return null;
  const names = sideNames(stand);
  const brighter = names[derived.balance?.brighter ?? 'sky'];
  const [lower, higher] = isUpsideDown(seat.turnDeg)
    ? (['higher', 'lower'] as const)
    : (['lower', 'higher'] as const);
  const captions = [
    tooLowText(offMm, lower, darkerName(stand, derived)),
    'as it is',
    tooHighText(offMm, higher, brighter),
  ];
  return (
    <ul aria-label={SEAT_TEXT.tooLowTooHigh} className="flex flex-wrap justify-between gap-x-1.5 gap-y-2">
      {wanted.map((w, i) => (
        <li key={captions[i]} className="text-sm text-quiet" style={{ width }}>
          <LittlePicture littles={littles} of={w} side={SIDE} />
          <span className="block pt-1 leading-4">{captions[i]}</span>
        </li>
      ))}
    </ul>
  );
});
