import { readFileSync } from 'node:fs';
import * as fontkit from 'fontkit';
import { type CardFonts } from '@/render/card/card-pdf';
import { type Measure } from '@/render/card/marks';

const font = (weight: number): Uint8Array =>
  new Uint8Array(
    readFileSync(
      `node_modules/@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-${weight}-normal.woff`,
    ),
  );

/** The typefaces of a card. */
export const cardFonts = (): CardFonts => ({ regular: font(400), bold: font(700) });

/** How wide text runs in them, by a reader of typefaces and without a page. */
export function measureByFont(): Measure {
  const [regular, bold] = [400, 700].map(
    (weight) => fontkit.create(Buffer.from(font(weight))) as fontkit.Font,
  );
  const known = new Map<string, number>();
  return (text, size, isBold) => {
    const key = `${isBold} ${text}`;
    const face = (isBold ? bold : regular)!;
    const width = known.get(key) ?? face.layout(text).advanceWidth / face.unitsPerEm;
    known.set(key, width);
    return width * size;
  };
}
