import { type Leap, type MadeExposure, type Phase } from '@/model/expose';
import { remoteText, stopsFigure, stopsText, timeText } from '../figures/figures';

/** The large figure of a countdown: what is left, or how far it is over. */
export function countText(phase: Phase): string {
  const { leftSeconds } = phase;
  return leftSeconds >= 0 ? remoteText(Math.ceil(leftSeconds)) : `+${remoteText(Math.floor(-leftSeconds))}`;
}

/** What the figure is of. */
export function phaseText(phase: Phase, frames: readonly number[]): string {
  const of = (frame: number) => (frames.length > 1 ? `frame ${frame + 1} of ${frames.length}` : '');
  switch (phase.kind) {
    case 'delay':
      return 'to the opening: the camera’s own timer';
    case 'between':
      return `to ${of(phase.next)}${phase.isDark ? ': the camera takes its dark frame' : ''}`;
    case 'open':
      return [
        of(phase.frame),
        phase.leftSeconds >= 0 ? `left of ${timeText(frames[phase.frame] ?? 0)}` : 'over: close it',
      ]
        .filter(Boolean)
        .join(', ');
  }
}

export const DARK_FRAME_TEXT = 'till the camera has taken its dark frame: leave it alone';

/** What closing now would come to. */
export function ifClosedText(phase: Phase): string {
  if (phase.kind !== 'open' || phase.shortStops === null) return '';
  const { shortStops } = phase;
  if (Math.abs(shortStops) < 0.05) return 'closed now it is right';
  return `if closed now: ${stopsFigure(Math.abs(shortStops))} ${shortStops > 0 ? 'too dark' : 'too bright'}`;
}

/** What became of an exposure when it was closed. */
export function closedText({ seconds, plannedSeconds }: Omit<MadeExposure, 'openedMs'>): string {
  const off = Math.log2(seconds / plannedSeconds);
  if (Math.abs(off) < 0.05) return `Open for ${timeText(seconds)}, as planned.`;
  return `Open for ${timeText(seconds)}, planned ${timeText(plannedSeconds)}: ${stopsText(Math.abs(off))} ${off > 0 ? 'over' : 'short'}.`;
}

/** That the device's clock leapt, and how it was taken. */
export const leapText = ({ ms, isCounted }: Leap): string =>
  isCounted
    ? `The page slept for ${timeText(ms / 1000)}, which is counted.`
    : `The clock went ahead by ${timeText(ms / 1000)}, which is not counted.`;

/** What else stands under the figures. */
export const leapTurnText = ({ isCounted }: Leap): string =>
  isCounted ? 'It was set: leave it out' : 'It was sleep: count it';

/** Minutes and the last seconds as they are spoken; null where nothing is said at this second. */
export function spokenText(leftSeconds: number): string | null {
  const left = Math.round(leftSeconds);
  if (left > 0 && left % 60 === 0) return left === 60 ? 'one minute' : `${left / 60} minutes`;
  return left === 30 ? 'thirty seconds' : left === 10 ? 'ten' : left === 0 ? 'close' : null;
}
