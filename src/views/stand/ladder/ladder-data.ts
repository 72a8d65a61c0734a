import { type PlacedReading, ROLES } from '@/core/field';
import { mean } from '@/core/numerics';
import { type Derived, gapOf, type Glass, type Side, sideReadings, type Stand } from '@/model';
import { type LadderData, type LadderExposure, type LadderMark } from '@/render/ladder';
import {
  keepText,
  leftText,
  outOfWindowText,
  spanText,
  spotNames,
  takeText,
  exposureText,
  windowNoiseText,
  LADDER_TEXT,
} from '@/words';

/** Everything that the ladder shows of a stand. `openKey` names the mark whose readings are drawn one by one. */
export function ladderData(
  stand: Stand,
  derived: Derived,
  openKey: string | null,
): Omit<LadderData, 'tones'> {
  const { inUse } = derived;
  const exposures = exposuresOf(derived);
  const single = exposures.length === 1 ? exposures[0] : undefined;
  return {
    marks: marksOf(derived, openKey),
    exposures,
    ...stretchesOf(stand, derived),
    out:
      single && inUse
        ? outOfWindowText(inUse.outcome.readings, single.window, spotNames(stand.readings))
        : { bright: '', dark: '' },
    noise: single ? windowNoiseText(stand.camera, stand.exposure.iso, single.window) : null,
    caption: captionText(derived),
  };
}

function captionText({ bracket, inUse }: Derived): string {
  if (bracket?.ok && bracket.frames.length > 1) return LADDER_TEXT.sensorFrameFrame;
  return inUse?.seat ? LADDER_TEXT.throughGlassSensor : 'on the sensor';
}

/** The exposure, or those of a bracket. */
function exposuresOf({ prepared, inUse, bracket }: Derived): LadderExposure[] {
  if (!prepared) return [];
  const { window } = prepared.input;
  const single = inUse?.outcome.exposure;
  const all = bracket ? (bracket.ok ? bracket.frames : []) : single ? [single] : [];
  return all.map(({ evMidGrey, seconds }) => ({ evMidGrey, window, shutter: exposureText(seconds) }));
}

function marksOf({ inUse, prepared }: Derived, openKey: string | null): LadderMark[] {
  if (!inUse || !prepared) return [];
  const dimming = new Map(inUse.outcome.readings.map((r) => [r.id, r.dimmingStops]));
  return ROLES.flatMap((role) =>
    [false, true].flatMap((limit): LadderMark[] => {
      const own = prepared.input.field.readings.filter((r) => r.role === role && !!r.limit === limit);
      if (!own.length) return [];
      const key = markKey({ role, limit });
      const spots = own.map(({ id, ev100 }) => ({
        id,
        bare: ev100,
        through: ev100 - (dimming.get(id) ?? 0),
      }));
      return [{ key, role, limit, spots, isOpen: key === openKey }];
    }),
  );
}

/** Names a mark of the ladder by what it stands for. */
export const markKey = ({ role, limit }: { role: string; limit?: boolean | undefined }): string =>
  limit ? `${role} to hold` : role;

type Stretches = Pick<LadderData, 'span' | 'keep' | 'need' | 'left'>;
const NO_STRETCHES: Stretches = { span: null, keep: null, need: null, left: null };

/**
 * The span and its parts as stretches of the scale, all from the darker side's mean: each as long as its figure, wanted
 * tones counted.
 */
function stretchesOf(stand: Stand, derived: Derived): Stretches {
  const { spanStops, prepared, inUse, balance, bracket } = derived;
  if (spanStops === null || !prepared || !inUse) return NO_STRETCHES;
  const ends = meansOf(spanStops >= 0 ? 'land' : 'sky', prepared.input.field.readings, inUse);
  const bright = ends.bare + Math.abs(spanStops);
  const span =
    spanStops >= 0
      ? { from: ends.bare, to: bright, text: spanText(spanStops) }
      : { from: bright, to: ends.bare, text: spanText(spanStops) };
  if (bracket) return { ...NO_STRETCHES, span };
  const gap = gapOf(stand);
  const need = balance?.neededStops ?? 0;
  const residual = inUse.outcome.residualGapStops;
  const leftStops = residual === null ? null : residual * (spanStops < 0 ? -1 : 1);
  return {
    span,
    keep: gap === null ? null : { from: ends.bare, to: ends.bare + gap, text: keepText(gap) },
    need: need > 0.05 ? { from: bright - need, to: bright, text: takeText(need) } : null,
    left:
      leftStops === null || !inUse.seat
        ? null
        : { from: ends.through, to: ends.through + leftStops, text: leftText(leftStops) },
  };
}

/** Mean EV of a side that is read, bare and through the grad. */
function meansOf(side: Side, readings: readonly PlacedReading[], glass: Glass) {
  const own = sideReadings(side, readings);
  const dimming = new Map(glass.outcome.readings.map((r) => [r.id, r.dimmingStops]));
  return {
    bare: mean(own.map((r) => r.ev100)),
    through: mean(own.map((r) => r.ev100 - (dimming.get(r.id) ?? 0))),
  };
}
