/** Letters as they are compared: small, and without what stands over them. */
const plain = (text: string): string =>
  text.toLocaleLowerCase('en-GB').normalize('NFD').replace(/\p{M}/gu, '');

/** The words of a text: letters, and figures with what belongs to them, such as 0.9 or f/11. */
const wordsOf = (text: string): string[] => plain(text).match(/[\p{L}\p{N}][\p{L}\p{N}./]*/gu) ?? [];

/** Whether each word that is typed begins a word of a text; letters alone, scattered over it, are no answer. */
export function answersByWords(text: string, typed: string): boolean {
  const words = wordsOf(text);
  return wordsOf(typed).every((wanted) => words.some((word) => word.startsWith(wanted)));
}
