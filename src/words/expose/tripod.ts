import { focusHelp, type Stand, type TripodStep, type Wind } from '@/model';
import { stillSeconds, type TripodFault } from '@/model/expose';
import { focusText } from './focus';
import { listText } from '../figures/figures';

/** What is to be done, and why it is there. */
export interface TripodWords {
  readonly title: string;
  readonly why: string;
}

/** One thing of the list at the tripod. */
export const tripodText = (step: TripodStep, stand: Stand, ndGoes: 'last' | 'lifted'): TripodWords => {
  const words = STEPS[step];
  return typeof words === 'function' ? words(stand, ndGoes) : words;
};

const STEPS: Readonly<
  Record<TripodStep, TripodWords | ((stand: Stand, ndGoes: 'last' | 'lifted') => TripodWords)>
> = {
  compose: {
    title: 'Compose by hand, before the tripod',
    why: 'A step aside, a knee lower: afterwards it is hardly ever done. What is at the edges, and where does your own shadow fall?',
  },
  tripod: {
    title: 'Tripod, and level it',
    why: 'One leg ahead, feet in the ground, no weight hung on it in gusts.',
  },
  focus: (stand) => ({
    title: 'Focus, and lock it',
    why: `${focusText(focusHelp(stand))} Autofocus off: behind dense glass it hunts and finds nothing.`,
  }),
  camera: {
    title: 'Manual or bulb, stabiliser off, cable or timer',
    why: 'On a tripod the stabiliser makes movement of its own; an automatic exposure would undo the ND.',
  },
  polariser: {
    title: 'Polariser on and turned; then the readings',
    why: 'It changes the span: what was read before it no longer holds.',
  },
  readings: {
    title: 'Read the light as it is now',
    why: 'Sky and land within a few minutes of each other.',
  },
  grad: { title: 'Grad in, and turned', why: 'As GLASS and SEAT say.' },
  line: {
    title: 'Read its line, note the millimetres above the rail',
    why: 'Stopped down, by the picture or the screen; after the ND only the rail tells.',
  },
  nd: (_, ndGoes) =>
    ndGoes === 'last'
      ? {
          title: 'ND last, its seal to the lens',
          why: 'Nearest the lens, so that no light comes in behind it.',
        }
      : {
          title: 'Put the ND back in',
          why: 'The sheet beside it may have moved as it was lifted out: read the rail again.',
        },
  rail: { title: 'Read the rail again', why: 'A sheet moves when its neighbour goes in.' },
  finder: { title: 'Cover the finder', why: 'Light that comes in there fogs a long exposure.' },
  'leave-out': (stand) => ({
    title: `Keep out: ${listText(stand.leaveOut ?? [])}`,
    why: 'Look once round the edges; your own shadow and the tripod’s too.',
  }),
  clean: {
    title: 'Drops, salt, a hand for shade',
    why: 'Look at the glass from the side; shade it where sun or a lamp falls on it.',
  },
  still: (stand) => ({
    title: `Timer of ${stillSeconds(stand)} s, and stand still`,
    why: `At ${stand.lens.focalLengthMm} mm the tripod takes that long to come to rest. ${WIND_ADVICE[stand.wind ?? 'still']}`,
  }),
};

export const WIND_NAMES: Record<Wind, string> = { still: 'Still air', breeze: 'Breeze', gusts: 'Gusts' };

const WIND_ADVICE: Record<Wind, string> = {
  still: 'Hands off till it is closed.',
  breeze: 'Strap and cable tied up; stand to windward.',
  gusts: 'Wait for a lull, legs wide and low, no weight that swings; several shorter frames beat one long.',
};

/** What has gone wrong in the order, and what puts it right. */
export const TRIPOD_FAULTS: Record<TripodFault, string> = {
  'not-focused': 'Dense glass is on and the focus is not locked: lift it out, focus, lock, and put it back.',
  'polariser-later': 'The readings were taken without the polariser that is on now: read again through it.',
  'readings-old': 'The readings are older than the light allows: read again.',
  'rail-not-read': 'The ND has gone in since the rail was read: read it again.',
};
