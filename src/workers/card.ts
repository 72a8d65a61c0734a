import { cropBox, frameOf, isSheet, oldestReadingMinutes, railAboveAxisMm, seenStand } from '@/model';
import { type Card } from '@/render/card/card';
import { cardText } from '@/words';
import { derivedSteps, type Drawing, pictureOf, type StandToGlanceAt } from './glance';

export interface StandForCard extends StandToGlanceAt {
  readonly seatBy: 'line' | 'mm';
  readonly ndGoes: 'last' | 'lifted';
  readonly nowMs: number;
}

/** Pixels along the longer side of a card's picture: 300 to the inch over the width of the smallest, and enough for the largest. */
const PICTURE_SIDE = 1400;

/** Works out a stand's card; yields about how much is done. */
export async function* cardOf(
  { stand: kept, bag, photo, seatBy, ndGoes, nowMs }: StandForCard,
  drawing: Drawing,
): AsyncGenerator<number, Card> {
  const stand = seenStand(kept, bag);
  const derived = yield* derivedSteps(stand, bag);
  const { inUse } = derived;
  yield 0.8;
  const sheets = inUse?.filters.filter(isSheet) ?? [];
  const [first] = sheets;
  const frame = frameOf(stand.camera);
  const { seam } = inUse?.outcome ?? {};
  return {
    text: cardText({
      stand,
      bag,
      derived,
      search: 'idle',
      seatBy,
      ndGoes,
      nowMs,
      oldestMinutes: oldestReadingMinutes(stand, nowMs),
    }),
    frame,
    picture: await pictureOf({ stand, derived, photo, side: PICTURE_SIDE }, drawing),
    seams: seam ? [seam.at, ...(seam.farAt ? [seam.farAt] : [])] : [],
    crop: cropBox(stand.crop, frame),
    readings: stand.readings.map(({ role, u, v }) => ({ role, u, v })),
    seated:
      inUse?.seat && first
        ? {
            filters: sheets,
            seat: { ...inUse.seat, turnDeg: inUse.turnToSetDeg },
            apartMm: inUse.apartMm,
            railMm: railAboveAxisMm(first, bag.holder),
            standOutMm: inUse.standOutMm,
          }
        : null,
  };
}
