/** Edits of lists of things with ids; none is changed in place. */

interface Item {
  readonly id: string;
}

/** A list with an item in its place, or at its end where it is new. */
export const put = <T extends Item>(items: readonly T[] = [], item: T): T[] =>
  items.some((i) => i.id === item.id) ? items.map((i) => (i.id === item.id ? item : i)) : [...items, item];

export const without = <T extends Item>(items: readonly T[] = [], id: string): T[] =>
  items.filter((i) => i.id !== id);

export const insert = <T>(items: readonly T[] = [], item: T, index: number): T[] => [
  ...items.slice(0, index),
  item,
  ...items.slice(index),
];

/** A list with the item at one place at another. */
export function moved<T>(items: readonly T[], from: number, to: number): T[] {
  const item = items[from];
  if (item === undefined) return [...items];
  return insert(
    items.filter((_, i) => i !== from),
    item,
    to,
  );
}
