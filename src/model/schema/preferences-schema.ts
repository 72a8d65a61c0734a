import * as z from 'zod';
import { NOTATIONS, PAPER_NAMES } from '@/core/units';
import { MAX_FORGOTTEN } from '../terms/limits';
import { BLURS } from '../terms/stand';
import { id, moment, number, type ObjectOf } from './schema-parts';

/** How the photographer works, wherever: kept by the device, and gone along with in a backup. */
export function preferencesSchema(object: ObjectOf) {
  return object({
    /** Where the photographer is, for the sun. */
    place: object({ latitudeDeg: number('latitudeDeg'), longitudeDeg: number('longitudeDeg') }).nullable(),
    /** The look of a new stand; null while it was not asked for yet. */
    usualLook: z.enum(['even', 'natural']).nullable(),
    /** How a seat is told first. */
    seatBy: z.enum(['line', 'mm']),
    /** How the strengths of glass are told at a stand: as printed, or all in one notation. */
    strengthsAs: z.enum(['printed', ...NOTATIONS]),
    /** The camera's own timer, s: the countdown waits as long. */
    timerSeconds: number('timerSeconds'),
    /** How loud the countdown is, 0 (silent) to 1. */
    volume: number('placed'),
    vibrates: z.boolean(),
    /** The minutes that are left are spoken. */
    speaksMinutes: z.boolean(),
    /** How a dense ND goes on: last, sealed to the lens, or it was in and is lifted out and put back for composing. */
    ndGoes: z.enum(['last', 'lifted']),
    /** What a card is printed on. */
    paper: z.enum(PAPER_NAMES),
    /** Four cards stand on a sheet of paper that holds them. */
    fourToPage: z.boolean(),
    /** What was learnt and taken, and what was forgotten. */
    heeded: object({
      placementStops: number('toneStops').nullable(),
      /** When that was taken: earlier shots were made without it. */
      placementSince: moment.nullable(),
      gapStops: number('toneStops').nullable(),
      liked: z.partialRecord(z.enum(BLURS), number('wantedSeconds')),
      forgotten: z.array(id).max(MAX_FORGOTTEN),
    }),
  });
}
