import { tideAt } from '@/core/sky';
import { type SkyEvent } from '@/core/sky/sky-day';
import { type FramingLight, turnsOf } from './light';
import { type Outing } from './plans';
import { type Schedule } from './schedule';

/** What can hurt on an outing, where it applies. */
export type Caution =
  | { readonly what: 'sun-in-finder' }
  /** The water rises while they are there: from, at the latest, until high water. */
  | { readonly what: 'rising-water'; readonly fromMs: number; readonly highMs: number | null }
  | { readonly what: 'tide-not-known' }
  | { readonly what: 'swell' }
  | { readonly what: 'edge' }
  | { readonly what: 'ice' }
  | { readonly what: 'lightning' }
  | { readonly what: 'cold' }
  /** The way back: minutes of light left at its end, none or fewer: it is walked in the dark. */
  | { readonly what: 'dark-back'; readonly lightLeftMinutes: number }
  | { readonly what: 'nobody-knows' };

/** A walk that ends with less light than this is told of, minutes. */
const LIGHT_MARGIN_MINUTES = 30;
/** The sun so near to where a frame looks is in the finder, degrees across, and so low, degrees. */
const NEAR_SUN_DEG = 30;
const LOW_SUN_DEG = 15;

export interface CautionOrder {
  readonly outing: Outing;
  readonly lights: readonly FramingLight[];
  readonly events: readonly SkyEvent[];
  readonly schedule: Schedule | null;
  readonly fromMs: number;
  readonly toMs: number;
}

/** The cautions that apply, those that depend on the hour first. */
export function cautionsOf(order: CautionOrder): readonly Caution[] {
  const { outing, lights, schedule } = order;
  const risks = new Set(outing.risks);
  const { rain, air } = outing.weather ?? {};
  const left = schedule?.lightLeftMinutes;
  return [
    ...(left != null && left < LIGHT_MARGIN_MINUTES
      ? [{ what: 'dark-back' as const, lightLeftMinutes: left }]
      : []),
    ...(risks.has('shore') ? waterCautions(order) : []),
    ...(lights.some(looksIntoSun) ? [{ what: 'sun-in-finder' as const }] : []),
    ...(risks.has('swell') ? [{ what: 'swell' as const }] : []),
    ...(risks.has('edge') ? [{ what: 'edge' as const }] : []),
    ...(risks.has('ice') || air === 'frost' ? [{ what: 'ice' as const }] : []),
    ...(risks.has('lightning') || rain === 'showers' ? [{ what: 'lightning' as const }] : []),
    ...(air === 'cold' || air === 'frost' ? [{ what: 'cold' as const }] : []),
    ...(outing.told?.trim() ? [] : [{ what: 'nobody-knows' as const }]),
  ];
}

const looksIntoSun = ({ moments }: FramingLight): boolean =>
  moments.some(
    ({ sunAltitudeDeg, fromSunDeg }) =>
      fromSunDeg !== null &&
      fromSunDeg <= NEAR_SUN_DEG &&
      sunAltitudeDeg > 0 &&
      sunAltitudeDeg <= LOW_SUN_DEG,
  );

/** On a shore: water that rises while they are there, or a tide that nobody has looked up. */
function waterCautions({ outing, schedule, fromMs, toMs }: CautionOrder): Caution[] {
  const turns = turnsOf(outing);
  const [from, to] = schedule ? [schedule.startMs, schedule.backMs] : [fromMs, toMs];
  if (turns.length < 2 || !turns.some((t) => t.atMs >= from)) return [{ what: 'tide-not-known' }];
  for (let i = 1; i < turns.length; i++) {
    const [low, high] = [turns[i - 1]!, turns[i]!];
    if (high.heightM <= low.heightM || high.atMs < from || low.atMs > to) continue;
    return [{ what: 'rising-water', fromMs: Math.max(low.atMs, from), highMs: high.atMs }];
  }
  return tideAt(turns, from) && tideAt(turns, to) ? [] : [{ what: 'tide-not-known' }];
}
