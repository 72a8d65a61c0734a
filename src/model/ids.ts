/** The first id made of a letter and a number that a list does not have yet. */
export function freeId(letter: string, taken: readonly { readonly id: string }[]): string {
  const ids = new Set(taken.map((t) => t.id));
  let n = 1;
  while (ids.has(`${letter}${n}`)) n++;
  return `${letter}${n}`;
}
