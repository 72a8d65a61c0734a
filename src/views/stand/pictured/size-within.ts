import { frameOf } from '@/model';
import { useStand } from '../session';

/** Pixels of a screen to one of the page, at most. */
export const DENSEST = 2;

/** The size of the whole frame whose longer side is so many px. */
export function useSizeWithin(side: number): { readonly width: number; readonly height: number } {
  const { widthMm, heightMm } = frameOf(useStand((s) => s.camera));
  const scale = side / Math.max(widthMm, heightMm);
  return { width: Math.round(widthMm * scale), height: Math.round(heightMm * scale) };
}
