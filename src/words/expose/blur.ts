import { type Blur } from '@/model';
import { type WhiteBalanceShot } from '@/model/expose';
import { castText } from '../glass/by-pictures';
import { stopsFigure, stopsText, timeText } from '../figures/figures';

/** How what moves is to look, as it is chosen. */
export const BLUR_NAMES: Record<Blur, string> = {
  texture: 'water with texture',
  soft: 'soft water',
  milk: 'milky water',
  fall: 'a fall in threads',
  drain: 'lines of a draining wave',
  streaks: 'clouds drawn out',
  people: 'people gone',
  longest: 'as long as my glass gives',
};

/** What a look's times are for, and where they stop being right. */
export const BLUR_NOTES: Record<Blur, string> = {
  texture: 'Small waves keep their shape. For water 3 to 10 m away; further off it takes longer.',
  soft: 'Small waves run into each other. For water 3 to 10 m away; further off it takes longer.',
  milk: 'The surface is gone. For water 3 to 10 m away; further off it takes longer.',
  fall: 'Threads rather than drops or milk. Nearer, or through a longer lens, it takes less.',
  drain: 'Open as the wave begins to run back: the cue below counts to it.',
  streaks: 'By how long a cloud’s edge takes to cross a part of the frame.',
  people: 'Those who walk on leave no trace; those who stand still do.',
  longest: 'The longest that the pouch makes within the wait.',
};

/** When a white balance of its own is worth the trouble, and how the picture for it is taken. */
export function whiteBalanceText(shot: WhiteBalanceShot): {
  readonly when: string;
  readonly steps: readonly string[];
} {
  const { ndStops, cast, isWorthIt, aperture, iso, seconds, canBeHeld } = shot;
  const when = isWorthIt
    ? `With ${stopsText(ndStops)} of ND it is worth doing where the camera makes the picture itself; in raw a grey card in one frame does as well, later.`
    : `Not worth the trouble here: ${ndStops > 0 ? `${stopsFigure(ndStops)} stops of ND have` : 'without dense glass there is'} ${ndStops > 0 ? 'little colour of their own' : 'no colour to put right'}.`;
  const time =
    seconds === null
      ? 'Read the sky first for its time.'
      : canBeHeld
        ? `${timeText(seconds)} by hand will do: blur does no harm here.`
        : `${timeText(seconds)} is too long to hold: leave the camera on the tripod and lay a white cloth before the lens.`;
  return {
    when: cast ? `As it was measured: ${castText(cast)} ${when}` : when,
    steps: [
      `ISO ${iso}, f/${aperture}, the lens quite out of focus, zoomed in as far as it goes.`,
      'Through the glass at something neutral that fills the frame: even cloud, never near the sun.',
      time,
      'Set the white balance from that frame; then ISO, aperture, zoom and focus back, and focus locked.',
    ],
  };
}
