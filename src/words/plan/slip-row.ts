/** One row of the slip: what to do, in large, and beside it what else matters. */
export interface SlipRow {
  readonly label: 'Glass' | 'Seat' | 'Expose';
  readonly main: string;
  /** The same in fewer letters, for a list. */
  readonly brief: string;
  readonly aside: string;
}

export const row = (
  label: SlipRow['label'],
  main: string,
  asides: readonly (string | null | false | undefined)[] = [],
  brief = main,
): SlipRow => ({ label, main, brief, aside: asides.filter(Boolean).join('; ') });

export const NOTHING_TO_SEAT = 'nothing to seat';
