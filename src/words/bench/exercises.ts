import {
  type BENCH_LANDSCAPES,
  type BenchAir,
  type BenchHour,
  type BenchSun,
  type ExerciseId,
  type Grade,
} from '@/model/bench';

type Landscape = (typeof BENCH_LANDSCAPES)[number];

/** What is said of an exercise: what it is called, what is to be done, and what usually goes wrong in it. */
export interface ExerciseWords {
  readonly title: string;
  readonly brief: string;
  /** Told afterwards. */
  readonly mistake: string;
}

export const EXERCISE_WORDS: Readonly<Record<ExerciseId, ExerciseWords>> = {
  level: {
    title: 'A level horizon',
    brief:
      'Wet rock and a flat sea, the sun to the left. Read both sides, put a sheet on, lay it on the horizon, shoot.',
    mistake:
      'The brightest cloud is not the sky: read where most of it lies, or the sheet comes out a stop too strong.',
  },
  peaks: {
    title: 'Peaks above the line',
    brief: 'Two cones stand up into the sky, lit from the left. Hold the sky back and keep their tops.',
    mistake:
      'The whole difference taken for a skyline of peaks darkens their tops: a weaker or a softer sheet, set higher, does less harm than it leaves undone.',
  },
  slope: {
    title: 'A skyline that slopes',
    brief:
      'Terraces that fall from left to right, after rain. Seat the sheet so that its line goes with them.',
    mistake:
      'A sheet that stays level on a slope darkens one end of it and leaves a bright wedge at the other.',
  },
  trees: {
    title: 'Trees through the sky',
    brief: 'Birches on a rim, their trunks from the ground to the top of the frame.',
    mistake:
      'A hard sheet as strong as the difference draws its line through every trunk: go weaker or softer, and lower.',
  },
  reflection: {
    title: 'Sky and its reflection',
    brief: 'A flooded pan that mirrors the sky. What is above must not come out darker than what mirrors it.',
    mistake:
      'Water gives back less than it gets: a sky darker than its reflection is never seen. Read the water too, and stop where the two meet.',
  },
  glow: {
    title: 'Into the light',
    brief:
      'Dunes with the sun close outside the frame. Decide what of the sky is to be held back. At a real one keep the sun out of an optical finder.',
    mistake:
      'The glow read as the sky asks for a sheet far too strong: read beside it, and hold the glow apart.',
  },
  'upside-down': {
    title: 'Ground brighter than the sky',
    brief: 'Sunlit snow under a storm. Which side is to be held back?',
    mistake: 'Here the ground is the bright side: the sheet goes in upside down, its dark end below.',
  },
  'long-lens': {
    title: 'A long lens',
    brief: 'Terraced hills at 120 mm, the sun just right of the frame.',
    mistake:
      'A long lens sees a few millimetres of the sheet: what is hard at 24 mm is a slope here, and a soft sheet hardly changes over the frame.',
  },
  polariser: {
    title: 'The polariser goes first',
    brief: 'Sun from the side, clear air. The picture is to be made with the polariser on.',
    mistake:
      'A polariser changes the sky and leaves the land: readings from before it went on ask for a sheet that the sky needs no longer.',
  },
  nd: {
    title: 'The ND that was left on',
    brief:
      'Swell on wet rock, to be smoothed by the ND of 6 stops. Look what is on the lens before you read.',
    mistake:
      'What is read through an ND that nobody has told of has lost its light already: telling of it afterwards counts it twice.',
  },
};

export const BENCH_LANDSCAPE_NAMES: Readonly<Record<Landscape, string>> = {
  pan: 'Flooded salt pan',
  cones: 'Volcanic cones',
  terraces: 'Sloping terraces',
  birches: 'Birches on a rim',
  ridges: 'Layered ridges',
  dunes: 'Dunes',
  snow: 'Snow under cloud',
  fall: 'Fall under leaves',
  shore: 'Shore with wet rock',
};

export const HOUR_NAMES: Readonly<Record<BenchHour, string>> = {
  dusk: 'sun just down',
  edge: 'on the horizon',
  low: 'low',
  morning: 'well up',
  noon: 'high',
};

export const SUN_NAMES: Readonly<Record<BenchSun, string>> = {
  ahead: 'ahead',
  left: 'to the left',
  right: 'to the right',
  behind: 'behind',
};

export const AIR_NAMES: Readonly<Record<BenchAir, string>> = {
  clear: 'clear',
  hazy: 'hazy',
  overcast: 'overcast',
};

/** What a scene of one's own is called: "Dunes, sun low". */
export const sceneTitle = (landscape: Landscape, hour: BenchHour): string =>
  `${BENCH_LANDSCAPE_NAMES[landscape]}, ${hour === 'dusk' ? HOUR_NAMES.dusk : `sun ${HOUR_NAMES[hour]}`}`;

export const GRADE_NAMES: Readonly<Record<Grade, string>> = {
  'as-good': 'as an experienced hand',
  near: 'near it',
  'not-yet': 'not yet',
};

/** How far the exercises have come: "3 of 10 as an experienced hand would have them". */
export const progressText = (done: number, all: number): string =>
  done === 0 ? `None of ${all} done yet` : `${done} of ${all} as an experienced hand would have them`;
