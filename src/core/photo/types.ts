/** Decoded pixels: four bytes a pixel (red, green, blue, opacity), row by row, as a canvas gives them. */
export interface Pixels {
  readonly columns: number;
  readonly rows: number;
  readonly rgba: Uint8ClampedArray<ArrayBuffer>;
}

/** Linear light, three numbers a pixel, row by row, in any unit: what a high dynamic range file holds. */
export interface LinearPixels {
  readonly columns: number;
  readonly rows: number;
  readonly rgb: Float32Array;
  /** The most that a channel can hold; absent: it holds anything. */
  readonly white?: number | undefined;
}
