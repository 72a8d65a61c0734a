import { encode } from 'uqr';

/** Light cells round a code, as its standard asks for. */
const QUIET = 4;
/** Pixels of a cell in the picture that is saved. */
const CELL = 6;

/** The cells of a code, row by row: true is dark. */
export const codeCells = (text: string): readonly (readonly boolean[])[] =>
  encode(text, { ecc: 'L', border: QUIET }).data;

/** The code as the bytes of a PNG; null where the browser makes none. */
export async function codePng(text: string): Promise<Uint8Array<ArrayBuffer> | null> {
  const cells = codeCells(text);
  const canvas = document.createElement('canvas');
  canvas.width = canvas.height = CELL * cells.length;
  const context = canvas.getContext('2d');
  if (!context) return null;
  context.fillStyle = '#fff';
  context.fillRect(0, 0, canvas.width, canvas.height);
  context.fillStyle = '#000';
  cells.forEach((row, y) =>
    row.forEach((isDark, x) => {
      if (isDark) context.fillRect(CELL * x, CELL * y, CELL, CELL);
    }),
  );
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'));
  return blob && new Uint8Array(await blob.arrayBuffer());
}
