import { givesWayAtDeg, isSurface, type Told } from '@/model';
import { type SightWords } from './words';

const TIME_ALONE = 'The time alone; the light of all readings is taken to be so.';

export const LAND = {
  'too-dark': { name: 'All too dark', advice: TIME_ALONE },
  'too-bright': { name: 'All too bright', advice: TIME_ALONE },
  blocked: {
    name: 'Land blocked up',
    question: 'What, and how much of it?',
    remedies: { evidence: 'longer' },
    advice:
      'Longer first, then more grad, since longer alone lifts the sky too; or a sheet that keeps off it.',
  },
  glare: { name: 'Glare', question: 'On what?', advice: glareText },
} satisfies Record<string, SightWords>;

function glareText({ of }: Told): string {
  const angle = givesWayAtDeg(of && isSurface(of) ? of : 'water');
  if (angle === null) return 'Bare metal does not give way to a polariser: move, or let it be.';
  return `A polariser takes it away. It gives way most seen at ${Math.round(angle)}° to its surface. It takes from the sky too: judge the grad again.`;
}
