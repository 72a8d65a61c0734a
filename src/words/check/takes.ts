import { type Bag, departed, filtersById, type Take, type Verdict } from '@/model';
import { exposureText, isoFigure } from '../figures/figures';
import { filterName } from '../glass/glass';

export const VERDICT_NAMES: Record<Verdict, string> = {
  keep: 'kept',
  again: 'to do again',
  learnt: 'learnt from',
};

/** How a shot was exposed: "f/11, 1/8 s, ISO 100". */
export const takeSettingsText = ({ exposure: { aperture, iso, seconds } }: Pick<Take, 'exposure'>): string =>
  `f/${aperture}, ${exposureText(seconds)}, ISO ${isoFigure(iso)}`;

/** All that was on the lens: "0.6 hard and 6 stops"; "no glass". */
export function takeGlassText({ filterIds, fitted = [] }: Take, bag: Bag): string {
  const names = filtersById(bag, [...filterIds, ...fitted.map((f) => f.filterId)]).map(filterName);
  return names.length ? names.join(' · ') : 'no glass';
}

/** In what a shot departs from what was planned: "1/4 s, planned 1/8 s"; null where it does not. */
export function departureText(take: Take): string | null {
  const { exposure, planned } = take;
  if (!planned || !departed(take)) return null;
  const parts = [
    exposure.aperture !== planned.aperture && `f/${exposure.aperture}, planned f/${planned.aperture}`,
    exposureText(exposure.seconds) !== exposureText(planned.seconds) &&
      `${exposureText(exposure.seconds)}, planned ${exposureText(planned.seconds)}`,
    exposure.iso !== planned.iso && `ISO ${exposure.iso}, planned ISO ${planned.iso}`,
  ].filter(Boolean);
  return parts.join('; ');
}
