import { type Told } from '@/model';
import { type SightWords } from './words';

export const MORE = {
  soft: {
    name: 'Soft',
    question: 'What is soft?',
    ofs: { land: 'all of it', foot: 'what is near', top: 'what is far' },
    advice: ({ of }: Told) => SOFT_TEXT[of ?? 'land'] ?? '',
    causeOf: 'land',
    cause: {
      question: 'Are edges doubled, or smeared one way?',
      answers: [
        {
          text: 'Yes',
          then: 'It moved: shelter it, hang no bag in wind, shield it with your body, wait for the lull.',
        },
        {
          text: 'No',
          then: 'The focus moved, or the ring was knocked: take the sheets out, focus, tape the ring, go on.',
        },
      ],
    },
  },
  mirrored: {
    name: 'My reflection in it',
    advice: 'A polariser, a step aside, a longer lens, or the sun more at your side.',
  },
  clutter: {
    name: 'Clutter at an edge',
    question: 'At which edge?',
    advice: 'A step, an upright or square crop at that edge, or the list of what to leave out.',
  },
  corners: {
    name: 'Corners dark',
    advice:
      'Take off a ring or an empty slot, or zoom in a little; corners that turn with the holder are its slots.',
    cause: {
      question: 'Do they turn with the holder?',
      answers: [
        { text: 'Yes', then: 'It is the holder’s slots: take off the empty one, or turn less.' },
        {
          text: 'No',
          then: 'It is the lens itself or a ring on its thread: stop down one, take the ring off, or lift them afterwards.',
        },
      ],
    },
  },
  streaks: {
    name: 'Streaks of light',
    advice:
      'Light comes in behind the glass: the gasket’s side to the lens, the finder covered, the sun off the sheet.',
    cause: {
      question: 'Are they gone with the finder covered?',
      answers: [
        { text: 'Yes', then: 'Cover it for every long exposure.' },
        {
          text: 'No',
          then: 'Light gets in between sheet and lens: turn the gasket’s side to the lens, shade the holder from the side of the sun.',
        },
      ],
    },
  },
  colour: {
    name: 'Colour all over',
    advice: 'Dense glass has a cast: one white balance through it, kept for all of its shots.',
    cause: {
      question: 'Is it there without the dense ND too?',
      answers: [
        { text: 'Yes', then: 'It is the light, or the camera’s own guess: set the white balance by hand.' },
        { text: 'No', then: 'It is the glass: the white balance through it, once, for all of its shots.' },
      ],
    },
  },
  spots: {
    name: 'Spots',
    advice:
      'Salt, rain or dust on the outer sheet: wipe it, dry last. Spots that stay are on the lens or the sensor.',
    cause: {
      question: 'Do they move when the sheet is moved?',
      answers: [
        { text: 'Yes', then: 'They are on the sheet: wipe it, dry last.' },
        { text: 'No', then: 'They are on the lens or the sensor: clean the front; the sensor at home.' },
      ],
    },
  },
} satisfies Record<string, SightWords>;

const SOFT_TEXT: Partial<Record<NonNullable<Told['of']>, string>> = {
  land: 'Doubled edges are wind or a knock; all softly blurred is the focus that moved. Focus again before the glass goes on.',
  foot: 'Focus nearer, or stop down until the nearest is held.',
  top: 'Focus farther: the near limit matters less than the far.',
};
