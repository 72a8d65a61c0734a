import { type Bag, filtersById, momentOf, type Stand } from '@/model';
import { dayText } from '../figures/dates';
import { filterName } from '../glass/glass';
import { LOOK_NAMES } from './looks';
import { type Slip } from './slip';

/** A slip in one line, without what is beside it: "2 stops, hard, level; 26.5 mm above the rail; f/11, 1/8 s, ISO 100". */
export function slipLine({ state, rows: [glass, seat, expose] }: Slip): string {
  if (state === 'waiting') return glass.brief;
  if (state === 'fault') return `${glass.brief}: ${glass.aside}`;
  return [glass, seat, expose]
    .map((row) => row.brief)
    .filter((text) => text !== 'nothing to seat')
    .join('; ');
}

/** All that a stand is looked for by: its name and notes, look, lens, light's day, the glass on it, and what its slip says. */
export function standSearchText(stand: Stand, bag: Bag, line: string): string {
  const glass = filtersById(bag, [
    ...(stand.choice?.filterIds ?? []),
    ...(stand.fitted ?? []).map((f) => f.filterId),
  ]).map(filterName);
  const { name, notes = '', lens, look, skyName = '' } = stand;
  return [
    name,
    notes,
    skyName,
    lens.name,
    `${lens.focalLengthMm} mm`,
    LOOK_NAMES[look.school],
    dayText(momentOf(stand)),
    ...glass,
    line,
  ].join(' ');
}
