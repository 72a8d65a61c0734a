/** A value as text in which the order of keys does not count, nor keys that hold nothing. */
function canonical(value: unknown): string {
  return JSON.stringify(value, (_, part: unknown) =>
    part && typeof part === 'object' && !Array.isArray(part)
      ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1)))
      : part,
  );
}

/** Whether two values of the model hold the same. */
export const sameContent = (a: unknown, b: unknown): boolean => canonical(a) === canonical(b);
