/** Whether a text has every word of a search in it, however they are written. */
export function answersTo(text: string, wanted: string): boolean {
  const plain = text.toLocaleLowerCase('en-GB');
  return wanted
    .toLocaleLowerCase('en-GB')
    .split(/\s+/)
    .every((word) => plain.includes(word));
}
