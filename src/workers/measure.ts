import { type PairTaken, type SheetFromPair, sheetFromPair } from '@/core/measuring';
import { type LightRead, readLight } from '@/photos/read-photo';

/** Something to be measured: a picture's light, or a sheet by what two pictures say that it took. */
export type ToMeasure =
  | { readonly of: 'light'; readonly bytes: ArrayBuffer; readonly longSide: number }
  | { readonly of: 'sheet'; readonly pair: PairTaken };

export type Measured =
  | { readonly of: 'light'; readonly read: LightRead }
  | { readonly of: 'sheet'; readonly found: SheetFromPair };

/** Measures; yields about how much is done. */
export async function* measured(input: ToMeasure): AsyncGenerator<number, Measured> {
  switch (input.of) {
    case 'light':
      return { of: 'light', read: yield* readLight(input.bytes, input.longSide) };
    case 'sheet':
      yield 0.1;
      return { of: 'sheet', found: sheetFromPair(input.pair) };
  }
}
