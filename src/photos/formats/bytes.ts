/** Text of a part of a file, a byte a character. */
export const ascii = (bytes: Uint8Array, from: number, length: number): string =>
  String.fromCharCode(...bytes.subarray(from, from + length));

/** A number of four bytes; 0 beyond the end. */
export function uint32(bytes: Uint8Array, at: number, little = false): number {
  if (at < 0 || at + 4 > bytes.length) return 0;
  const [a, b, c, d] = [bytes[at]!, bytes[at + 1]!, bytes[at + 2]!, bytes[at + 3]!];
  return (little ? a | (b << 8) | (c << 16) | (d << 24) : (a << 24) | (b << 16) | (c << 8) | d) >>> 0;
}
