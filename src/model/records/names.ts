import { MAX_TEXT } from '../terms/limits';

/** Something that is told apart by its id and called by its name. */
export interface Named {
  readonly id: string;
  readonly name?: string | undefined;
}

/** Room for a name that is made from another, characters: with marks and numbers it stays within what a file holds. */
const LONGEST = MAX_TEXT - 200;

const shortened = (name: string): string =>
  name.length <= LONGEST ? name : name.slice(0, LONGEST).toWellFormed();

/** A mark or a number that an earlier name of ours ends with: " (copy)", " (3)", " (from the file 2)". */
const numbered = (mark: string, n: number): string => {
  if (!mark) return ` (${n})`;
  return n === 1 ? ` (${mark})` : ` (${mark} ${n})`;
};

/** A name without a mark of ours at its end. */
function stemOf(name: string, mark: string): string {
  const open = name.lastIndexOf(' (');
  if (open <= 0 || !name.endsWith(')')) return name;
  const inside = name.slice(open + 2, -1);
  const number = inside === mark ? '' : inside.slice(mark ? mark.length + 1 : 0);
  const isOurs = mark
    ? inside === mark || (inside.startsWith(`${mark} `) && isCount(number))
    : isCount(number);
  return isOurs ? name.slice(0, open) : name;
}

const isCount = (text: string): boolean => /^[1-9]\d{0,5}$/.test(text);

/** The name with a mark behind it, and a number where that is taken: "Marl Pan (copy)", "Marl Pan (copy 2)". Marks do not pile up. */
export function markedName(name: string, mark: string, taken: Iterable<string> = []): string {
  const stem = shortened(stemOf(name, mark));
  const names = new Set(taken);
  let n = 1;
  while (names.has(`${stem}${numbered(mark, n)}`)) n++;
  return `${stem}${numbered(mark, n)}`;
}

/** The name of the next of a run: "Marl Pan", "Marl Pan (2)", "Marl Pan (3)"; a number of the name's own stays in it. */
export function nextName(name: string, taken: Iterable<string>): string {
  const stem = shortened(stemOf(name, ''));
  const names = new Set(taken);
  let n = 2;
  while (names.has(`${stem}${numbered('', n)}`)) n++;
  return `${stem}${numbered('', n)}`;
}

/** A name as it is kept; null where nothing is left of it, which is no name. */
export const namedAs = (typed: string): string | null => typed.trim() || null;
