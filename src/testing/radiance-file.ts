/** A Radiance file as its format describes it, without runs: four bytes a pixel, its upper row first. */
export function radianceFile(
  columns: number,
  rows: number,
  lightAt: (column: number, row: number) => readonly number[],
): Uint8Array<ArrayBuffer> {
  const head = new TextEncoder().encode(
    `#?RADIANCE\n# made by a test\nFORMAT=32-bit_rle_rgbe\n\n-Y ${rows} +X ${columns}\n`,
  );
  const file = new Uint8Array(head.length + 4 * columns * rows);
  file.set(head);
  for (let row = 0, at = head.length; row < rows; row++)
    for (let column = 0; column < columns; column++, at += 4) {
      const rgb = lightAt(column, row);
      const exponent = Math.floor(Math.log2(Math.max(...rgb))) + 1;
      file.set([...rgb.map((x) => Math.floor((256 * x) / 2 ** exponent)), exponent + 128], at);
    }
  return file;
}
