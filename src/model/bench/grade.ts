import { EXERCISE_TABLE } from './exercises';
import { type Costs, type Told } from './judge';
import { type ExerciseId, type Grade } from '../terms/bench';

/** All costs together up to which a shot is as good, and near, stops. */
const AS_GOOD_UNDER = 0.35;
const NEAR_UNDER = 0.8;
/** What an exercise is about may cost no more than this for either, stops. */
const ABOUT_AS_GOOD = 0.15;
const ABOUT_NEAR = 0.4;

export const totalOf = ({ glass, seat, time }: Costs): number => glass + seat + time;

/** The grade of a shot; where an exercise asks for glass that was not on, it is not done yet, whatever came out. */
export function gradeOf(told: Graded, exercise: ExerciseId | undefined): Grade {
  const total = totalOf(told.costs);
  const own = aboutStops(told, exercise);
  if (told.lacking.length || total > NEAR_UNDER || own > ABOUT_NEAR) return 'not-yet';
  return total <= AS_GOOD_UNDER && own <= ABOUT_AS_GOOD ? 'as-good' : 'near';
}

type Graded = Pick<Told, 'costs' | 'misread' | 'polariserLate' | 'skyUnderWaterStops' | 'lacking'>;

/** What the exercise's own mistake cost, stops. */
function aboutStops(told: Graded, exercise: ExerciseId | undefined): number {
  const about = exercise && EXERCISE_TABLE[exercise].about;
  switch (about) {
    case undefined:
      return 0;
    case 'reflection':
      return told.skyUnderWaterStops ?? 0;
    case 'order':
      return told.polariserLate ? Math.abs(told.misread.sky ?? 0) : 0;
    default:
      return told.costs[about];
  }
}
