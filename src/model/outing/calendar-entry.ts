/** Something that a calendar is to hold. */
export interface CalendarEntry {
  /** The same for the same thing, so that it is put in the place of what was taken in before. */
  readonly id: string;
  /** ms since the epoch. */
  readonly fromMs: number;
  readonly toMs: number;
  readonly title: string;
  readonly text: string;
  readonly place: {
    readonly name: string;
    readonly latitudeDeg: number;
    readonly longitudeDeg: number;
  } | null;
  /** Minutes before it begins at which it is told; none: not at all. */
  readonly alarmMinutes: readonly number[];
}
