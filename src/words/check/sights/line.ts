import { type SightWords } from './words';

const BREADTHS = { little: 'thin', much: 'broad' };

export const LINE = {
  strip: {
    name: 'Bright strip',
    muches: BREADTHS,
    advice: 'Light is left between the line and the horizon. A harder sheet, or a reverse one, leaves less.',
  },
  'dark-top': {
    name: 'Dark top',
    muches: BREADTHS,
    advice: 'The line cuts into what stands up. A softer sheet cuts less.',
  },
  'line-shows': {
    name: 'The line shows',
    advice: 'A softer sheet, a wider aperture (its beam draws a softer line), or another turn.',
  },
  turned: {
    name: 'Turned wrongly',
    question: 'Which end lies too high?',
    advice: 'Set it by where the line meets the two edges.',
  },
} satisfies Record<string, SightWords>;
