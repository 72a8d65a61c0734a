import { LINEAR_OF_BYTE } from '@/core/units';
import { HIGHEST_STEP, stepOf, STEPS_PER_STOP } from './figures';
import { type Reduced } from './reduce';
import { type Pixels } from './types';

/**
 * How the bytes of a kept picture stand for light: as a screen shows them (sRGB), or, for pictures that hold more than a
 * screen, each channel in sixteenths of a stop below a top.
 */
export type Coding = { readonly of: 'screen' } | { readonly of: 'stops'; readonly topStops: number };

export const SCREEN: Coding = { of: 'screen' };

/** Linear light of each byte, white 1; in stops the lowest byte is none. */
export function linearOfByte(coding: Coding): Float32Array {
  if (coding.of === 'screen') return LINEAR_OF_BYTE;
  return Float32Array.from({ length: 256 }, (_, byte) =>
    byte === 0 ? 0 : 2 ** (coding.topStops + (byte - HIGHEST_STEP) / STEPS_PER_STOP),
  );
}

/** Linear light as bytes in stops; what is below the lowest step is none. */
export function codedInStops({ columns, rows, rgb }: Reduced, topStops: number): Pixels {
  const rgba = new Uint8ClampedArray(4 * columns * rows);
  for (let i = 0; i < columns * rows; i++) {
    for (let k = 0; k < 3; k++) rgba[4 * i + k] = Math.max(0, stepOf(rgb[3 * i + k], topStops));
    rgba[4 * i + 3] = 255;
  }
  return { columns, rows, rgba };
}
