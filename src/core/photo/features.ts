import { type FramePoint, skylineAt } from '@/core/field';
import { leastSquaresSlope } from '@/core/numerics';
import { simplifyTo, withoutRises } from './line';

/** Places along the frame at which the skyline is looked at. */
const PLACES = 240;
/** What stands up over more than this part of the width is the land itself. */
const WIDEST = 0.48;
/** By so much of the height a feature stands up at least, and where its foot begins. */
const RISE = 0.05;
const FOOT = 0.012;
const MOST_CORNERS = 24;
const TOLERANCE = 0.005;

/**
 * Outlines of what stands up from the skyline's own trend: the trend is the line, its slope apart, with every rise cut off
 * that is narrower than nearly half the frame. What the frame cuts off may go on beyond it, and is not proposed.
 */
export function standingFeatures(skyline: readonly FramePoint[]): FramePoint[][] {
  const at = skylineAt(skyline);
  const us = Array.from({ length: PLACES + 1 }, (_, i) => i / PLACES);
  const line = us.map(at);
  const reach = Math.round((WIDEST * PLACES) / 2);
  const slope = leastSquaresSlope(us, line);
  const level = line.map((v, i) => v - slope * us[i]);
  const trend = withoutRises(level, reach).map((v, i) => v + slope * us[i]);
  const rise = line.map((v, i) => trend[i] - v);
  const features: FramePoint[][] = [];
  for (let i = 0; i <= PLACES; i++) {
    if (rise[i] < FOOT) continue;
    let end = i;
    while (end < PLACES && rise[end + 1] >= FOOT) end++;
    const [from, to] = [i - 1, end + 1];
    if (from >= 0 && to <= PLACES && Math.max(...rise.slice(i, to)) >= RISE) {
      const top = us.slice(from, to + 1).map((u, k) => ({ u, v: line[from + k] }));
      const feet = [
        { u: us[to], v: trend[to] },
        { u: us[from], v: trend[from] },
      ];
      features.push([...simplifyTo(top, TOLERANCE, MOST_CORNERS - 2), ...feet]);
    }
    i = end;
  }
  return features;
}
