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
