import { type Disturbance, type Redone } from '@/model';

export const DISTURBANCE_NAMES: Record<Disturbance, string> = {
  knock: 'It was knocked',
  lens: 'Another lens',
  zoom: 'Zoomed',
  recomposed: 'Framed anew',
  'glass-out': 'Glass out and back',
};

/** What is to be done again, and how. */
export const REDONE_NAMES: Record<Redone, string> = {
  level: 'Level the tripod, and lock it',
  skyline: 'Draw the skyline as it lies now',
  focus: 'Focus, without the dense glass, and lock it',
  polariser: 'Turn the polariser by eye',
  readings: 'Read sky and land again',
  rail: 'Set the sheet by its millimetres above the rail',
  line: 'See the line stopped down',
};
