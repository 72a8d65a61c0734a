import { type CarriedWithout } from '@/model';
import { listText } from '../figures/figures';

const WITHOUT: Readonly<Record<CarriedWithout, string>> = {
  picture: 'its picture',
  'small-pictures': 'the pictures of its shots',
  shots: 'its shots and what they showed',
  'unused-glass': 'the glass that it does not use',
};

/** What a carried stand goes without; null where it goes whole. */
export const carriedWithoutText = (without: readonly CarriedWithout[]): string | null =>
  without.length ? `It goes without ${listText(without.map((w) => WITHOUT[w]))}; those stay here.` : null;
