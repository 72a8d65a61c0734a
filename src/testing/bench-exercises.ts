import { prepareStand, putFitted, setOf, type Stand, withSheets } from '@/model';
import { EXERCISE_TABLE, type ExerciseId } from '@/model/bench';
import { benchBag, exerciseStand, readWith } from './bench-scenes';

/** The exercises of the bench as one begins them, does them well, and does them in the way that usually goes wrong. */

const bag = benchBag();

const stands = new Map<ExerciseId, Stand>();
/** The stand of an exercise as it begins; its scene is made once. */
export const begun = (id: ExerciseId): Stand => {
  const stand = stands.get(id) ?? exerciseStand(id);
  stands.set(id, stand);
  return stand;
};
/** The same with the glass put on that the exercise asks for, and so nothing left that is not said. */
export const setUp = (id: ExerciseId): Stand =>
  (EXERCISE_TABLE[id].asksFor ?? []).reduce((stand, glass) => putFitted(stand, glass, true), begun(id));
/** Read all over. */
export const read = (stand: Stand): Stand =>
  readWith(
    { stand, bag },
    stand.shapes?.some((s) => s.region === 'water') ? ['sky', 'land', 'water'] : ['sky', 'land'],
  );
/** A sheet laid along the skyline by eye, level, whatever was read. */
export const withSheet = (stand: Stand, sheet: string): Stand => {
  const laid = withSheets(stand, prepareStand(stand, bag), setOf(bag, [sheet])).choice!;
  return { ...stand, choice: { filterIds: [sheet], offsetMm: laid.offsetMm, turnDeg: 0 } };
};

/** What usually goes wrong in each exercise. */
export const MISTAKES: Readonly<Record<ExerciseId, () => Stand>> = {
  level: () => withSheet(read(setUp('level')), 'hard-3'),
  peaks: () => withSheet(read(setUp('peaks')), 'hard-2'),
  slope: () => withSheet(read(setUp('slope')), 'hard-2'),
  trees: () => withSheet(read(setUp('trees')), 'hard-3'),
  reflection: () => withSheet(read(setUp('reflection')), 'hard-2'),
  glow: () => {
    const stand = setUp('glow');
    const line = { sky: [0.97], land: [0.4, 0.65, 0.9] };
    const all = readWith({ stand, bag }, ['sky', 'land'], line);
    // the brightest of the sky's foot alone
    const sky = all.readings.filter((r) => r.role === 'sky');
    const brightest = sky.reduce((a, b) => (timeOf(b) < timeOf(a) ? b : a));
    return { ...all, readings: all.readings.filter((r) => r.role !== 'sky' || r === brightest) };
  },
  'upside-down': () => withSheet(read(setUp('upside-down')), 'hard-1'),
  'long-lens': () => withSheet(read(setUp('long-lens')), 'soft-2'),
  // read first, and then the polariser; and the ND told of once everything was read through it
  polariser: () => putFitted(read(begun('polariser')), 'polariser', true),
  nd: () => putFitted(read(begun('nd')), 'nd-6', true),
};

/** The seconds of a reading's shutter. */
export const timeOf = ({ shutter }: Stand['readings'][number]): number => {
  const [over, under = '1'] = String(shutter).split('/');
  return Number(over) / Number(under);
};
