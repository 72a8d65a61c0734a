/** Why a line of a table is left out. */
export const refusedLineText = ({
  line,
  column,
  message,
}: {
  readonly line: number;
  readonly column: string;
  readonly message: string;
}): string => `Line ${line}, ${column}: ${message}. It is left out.`;
