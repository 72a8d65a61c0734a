/** An option's value that is a negative number would be taken for an option of its own. */
const NEGATIVE = /^-\.?\d/;
const OPTION = /^--[\w-]+$/;

/** The arguments of a call with each negative number tied to the option before it: `--drift -0.25` means `--drift=-0.25`. */
export function withNegatives(args: readonly string[]): string[] {
  const tied: string[] = [];
  for (const arg of args) {
    const before = tied.at(-1);
    if (before !== undefined && OPTION.test(before) && NEGATIVE.test(arg))
      tied[tied.length - 1] = `${before}=${arg}`;
    else tied.push(arg);
  }
  return tied;
}
