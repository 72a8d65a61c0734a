import { type SightWords } from './words';

export const MEASURED = {
  histogram: {
    name: 'The histogram',
    advice: 'Good to half a stop, and of the JPEG that the camera shows: the raw file holds more.',
  },
  file: { name: 'The file', advice: 'Measured in the file.' },
} satisfies Record<string, SightWords>;
