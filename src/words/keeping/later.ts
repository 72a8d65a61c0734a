import { type Stand } from '@/model';
import { listText } from '../figures/figures';

type Later = NonNullable<Stand['later']>[number];

/** What one thing of a later version is called: by the word that is not known here. */
function thingText({ of, value }: Later): string {
  const { what, school, kind, name } = (value ?? {}) as Partial<Record<string, unknown>>;
  const word = (text: unknown) =>
    typeof text === 'string' ? `“${text.slice(0, 40)}”` : 'one without a word';
  switch (of) {
    case 'look':
      return `the look ${word(school)}, in place of which Natural stands`;
    case 'seen':
      return `what a shot showed, ${word(what)}`;
    case 'filter':
      return `glass of the kind ${word(kind)}${typeof name === 'string' ? ` (${name.slice(0, 40)})` : ''}`;
  }
}

/** What of a stand and its bag a newer Pale Seam has told that is not understood here; null where there is nothing. */
export function laterText(later: readonly Later[]): string | null {
  if (!later.length) return null;
  return `A newer Pale Seam has told of this what is not understood here: ${listText(later.map(thingText))}. It is left out of what is worked out, and kept for when it is written again.`;
}
