/** A value as text in which the order of keys does not count, nor keys that hold nothing. */
function canonical(value: unknown): string {
  return JSON.stringify(value, (_, part: unknown) =>
    part && typeof part === 'object' && !Array.isArray(part)
      ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1)))
      : part,
  );
}

/** Whether two values of the model hold the same. */
export const sameContent = (a: unknown, b: unknown): boolean => a === b || canonical(a) === canonical(b);

interface Thing {
  readonly id: string;
  readonly archived?: boolean | undefined;
}

/** All of a thing but which one it is, and whether it is put away. */
export const contentOf = <T extends Thing>({ id: _, archived: __, ...content }: T): string =>
  canonical(content);

/**
 * Whether two kept things are the same but for their ids and for being put away: the one definition of alike, for glass,
 * gear and stands.
 */
export const alike = <T extends Thing>(a: T, b: T): boolean => a === b || contentOf(a) === contentOf(b);
