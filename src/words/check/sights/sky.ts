import { type SightWords } from './words';

export const SKY = {
  blown: {
    name: 'Highlights gone',
    question: 'Where, and how much?',
    advice:
      'The camera’s screen judges its JPEG, which ends sooner than the raw file, in saturated red and orange sooner still.',
  },
  'sky-pale': {
    name: 'Sky too pale',
    remedies: { evidence: 'more grad' },
    advice:
      'A polariser serves with the sun at your side, not before or behind you, and darkens a wide sky unevenly. Else more grad; else wait.',
  },
  'sky-dark': {
    name: 'Sky too dark',
    advice: 'A weaker sheet or a higher seat, whichever costs less.',
  },
  dull: {
    name: 'Dull, flat sky',
    advice:
      'Under even cloud only a deliberate, stronger sheet helps: it makes the sky darker than its reflection, and that shows.',
    cause: {
      question: 'Is there blue between the clouds?',
      answers: [
        { text: 'Yes', then: 'A polariser first, where the sun stands at your side.' },
        { text: 'No', then: 'Only a stronger sheet, on purpose; its price shows in the reflection.' },
      ],
    },
  },
  'bright-top': {
    name: 'Bright top',
    advice:
      'A soft sheet, set lower; or the line through the sky, so that only its top is held back, once the sky is read high and low.',
  },
} satisfies Record<string, SightWords>;
