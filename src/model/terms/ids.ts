/** Makes an id that no other thing has or ever had: a letter for what it is of, and chance. */
export type NewId = (letter: string) => string;

/** Characters of an id: none that a web address, a table or a file would write otherwise. */
const ALPHABET = '0123456789abcdefghijkmnpqrstuvwxyz';
/** Five bits a character: sixty bits, of which no two things of a lifetime get the same. */
const LENGTH = 12;

/**
 * Ids from a source of random bytes: the browser's own, or one with a seed in tests.
 *
 * @param randomBytes that many bytes of chance
 */
export function idSource(randomBytes: (count: number) => Uint8Array): NewId {
  return (letter) => {
    const bytes = randomBytes(LENGTH);
    return `${letter}-${Array.from(bytes, (b) => ALPHABET[b & 31]).join('')}`;
  };
}
