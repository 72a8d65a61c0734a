/** A place on the earth. */
export interface Place {
  /** Degrees, north positive. */
  readonly latitudeDeg: number;
  /** Degrees, east positive. */
  readonly longitudeDeg: number;
}
