import { PDFDocument, type PDFFont, type PDFPage, rgb } from '@cantoo/pdf-lib';
import * as fontkit from 'fontkit';
import { type Mark, type PageMarks, pathOf } from './marks';

type TextMark = Extract<Mark, { kind: 'text' }>;

/** The typefaces that are put into a document, as WOFF files. */
export interface CardFonts {
  readonly regular: Uint8Array;
  readonly bold: Uint8Array;
}

/** A line of text as an image: how what the typeface has no letters for comes onto the page. */
export type TextImage = (
  mark: TextMark,
) => Promise<{ readonly bytes: Uint8Array; readonly width: number; readonly height: number }>;

export interface PdfOptions {
  readonly title: string;
  readonly madeMs: number;
  readonly fonts: CardFonts;
  readonly textImage: TextImage;
}

/** Points to the millimetre. */
const POINTS = 72 / 25.4;

/** Pages as one PDF document, its text as text. */
export async function cardPdf(
  pages: readonly PageMarks[],
  { title, madeMs, fonts, textImage }: PdfOptions,
): Promise<Uint8Array<ArrayBuffer>> {
  const pdf = await PDFDocument.create();
  pdf.registerFontkit(fontkit);
  pdf.setTitle(title);
  pdf.setProducer('Pale Seam');
  pdf.setCreator('Pale Seam');
  pdf.setLanguage('en-GB');
  pdf.setCreationDate(new Date(madeMs));
  pdf.setModificationDate(new Date(madeMs));
  const [regular, bold] = (await Promise.all(
    [fonts.regular, fonts.bold].map((bytes) => pdf.embedFont(bytes, { subset: true })),
  )) as [PDFFont, PDFFont];
  const images = new Map<string, ReturnType<typeof pdf.embedJpg>>();
  const imageOf = (href: string) => {
    const known = images.get(href) ?? pdf.embedJpg(href);
    images.set(href, known);
    return known;
  };
  const document: Document = { pdf, regular, bold, textImage, imageOf };
  for (const { width, height, marks } of pages) {
    const page = pdf.addPage([width * POINTS, height * POINTS]);
    for (const mark of marks) await draw(document, page, mark);
  }
  return pdf.save();
}

/** A document that is being drawn: its letters, its pictures, each embedded once. */
interface Document extends Pick<PdfOptions, 'textImage'> {
  readonly pdf: PDFDocument;
  readonly regular: PDFFont;
  readonly bold: PDFFont;
  readonly imageOf: (href: string) => ReturnType<PDFDocument['embedJpg']>;
}

async function draw(document: Document, page: PDFPage, mark: Mark): Promise<void> {
  const high = page.getHeight();
  switch (mark.kind) {
    case 'text':
      return drawText(document, page, mark);
    case 'line':
      return page.drawSvgPath(pathOf(mark.spots, false), {
        x: 0,
        y: high,
        scale: POINTS,
        borderColor: inkOf(mark.ink),
        borderWidth: mark.width,
        ...(mark.isDashed ? { borderDashArray: [1.6, 1.2] } : {}),
      });
    case 'area':
      return page.drawSvgPath(pathOf(mark.spots, true), {
        x: 0,
        y: high,
        scale: POINTS,
        color: inkOf(mark.ink),
      });
    case 'image':
      return page.drawImage(await document.imageOf(mark.href), {
        x: mark.at[0] * POINTS,
        y: high - (mark.at[1] + mark.height) * POINTS,
        width: mark.width * POINTS,
        height: mark.height * POINTS,
      });
  }
}

async function drawText(
  { pdf, regular, bold, textImage }: Document,
  page: PDFPage,
  mark: TextMark,
): Promise<void> {
  const font = mark.isBold ? bold : regular;
  const [x, y] = [mark.at[0] * POINTS, page.getHeight() - mark.at[1] * POINTS];
  const known = new Set(font.getCharacterSet());
  const text = mark.text.replace(/[⅓⅔′″]/g, (letter) => SPELT[letter]!);
  if ([...text].every((letter) => known.has(letter.codePointAt(0)!))) {
    const size = mark.size * POINTS;
    const back = mark.isRight ? font.widthOfTextAtSize(text, size) : 0;
    page.drawText(text, { x: x - back, y, font, size, color: inkOf(mark.ink) });
    return;
  }
  const { bytes, width, height } = await textImage(mark);
  page.drawImage(await pdf.embedPng(bytes), {
    x: mark.isRight ? x - width * POINTS : x,
    y: y - (height - mark.size) * POINTS,
    width: width * POINTS,
    height: height * POINTS,
  });
}

/** Letters of the product's own words that the typeface lacks, spelt with those that it has. */
const SPELT: Readonly<Record<string, string>> = { '⅓': ' 1/3', '⅔': ' 2/3', '′': "'", '″': '"' };

function inkOf(ink: string) {
  const [red, green, blue] = [1, 3, 5].map((at) => parseInt(ink.slice(at, at + 2), 16) / 255) as [
    number,
    number,
    number,
  ];
  return rgb(red, green, blue);
}
