import { execFileSync } from 'node:child_process';
import sharp from 'sharp';
import { PAPERS } from '@/core/units';
import { cardFonts } from '@/testing/card-type';
import { cardPdf, type TextImage } from './card-pdf';
import { INK, type Mark, type PageMarks } from './marks';

const text = (said: string, change: Partial<Extract<Mark, { kind: 'text' }>> = {}): Mark => ({
  kind: 'text',
  at: [10, 20],
  size: 3,
  isBold: false,
  text: said,
  ink: INK,
  width: 30,
  ...change,
});

interface Read {
  readonly pages: { readonly size: [number, number]; readonly text: string; readonly images: number }[];
  readonly title: string;
}

/** What an independent reader finds in a document; it is made of modules, and runs by itself. */
function readBack(bytes: Uint8Array): Read {
  const reader = `
    import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs';
    const chunks = [];
    for await (const chunk of process.stdin) chunks.push(chunk);
    const pdf = await getDocument({ data: new Uint8Array(Buffer.concat(chunks)), verbosity: 0 }).promise;
    const pages = [];
    for (let i = 1; i <= pdf.numPages; i++) {
      const page = await pdf.getPage(i);
      const { width, height } = page.getViewport({ scale: 1 });
      const { items } = await page.getTextContent();
      const { fnArray } = await page.getOperatorList();
      const images = fnArray.filter((fn) => fn === OPS.paintImageXObject).length;
      pages.push({ size: [width, height], text: items.map((item) => item.str).join('|'), images });
    }
    const { info } = await pdf.getMetadata();
    console.log(JSON.stringify({ pages, title: info.Title }));`;
  const found = execFileSync('node', ['--input-type=module', '-e', reader], {
    input: bytes,
    encoding: 'utf8',
    stdio: ['pipe', 'pipe', 'ignore'],
  });
  return JSON.parse(found) as Read;
}

describe('a card as a document', () => {
  let jpeg: string;
  let png: Uint8Array;
  beforeAll(async () => {
    const image = sharp({ create: { width: 8, height: 6, channels: 3, background: '#8899aa' } });
    jpeg = `data:image/jpeg;base64,${(await image.clone().jpeg().toBuffer()).toString('base64')}`;
    png = new Uint8Array(await image.png().toBuffer());
  });
  const made = async (pages: readonly PageMarks[]) => {
    const asImages: string[] = [];
    const textImage: TextImage = async (mark) => {
      asImages.push(mark.text);
      return { bytes: png, width: 20, height: 4 };
    };
    const bytes = await cardPdf(pages, { title: 'Marl Pan', madeMs: 0, fonts: cardFonts(), textImage });
    return { ...readBack(bytes), asImages };
  };

  it('is read by another reader as it was laid out: paper, title, text, pictures', async () => {
    const marks: Mark[] = [
      { kind: 'image', at: [5, 5], width: 40, height: 30, href: jpeg },
      {
        kind: 'area',
        spots: [
          [0, 0],
          [4, 0],
          [4, 4],
        ],
        ink: '#dddddd',
      },
      {
        kind: 'line',
        spots: [
          [0, 50],
          [90, 50],
        ],
        width: 0.5,
        ink: INK,
        isDashed: true,
      },
      text('2 stops, hard, −½; 29.5 mm × 2', { isBold: true }),
      text('EV 13.0, f/8', { at: [100, 60], isRight: true }),
    ];
    const { pages, title, asImages } = await made([
      { ...PAPERS.A6, marks },
      { ...PAPERS.Letter, marks: [text('page two')] },
    ]);
    expect(title).toBe('Marl Pan');
    expect(pages.map((p) => p.size.map((v) => Math.round(v)))).toEqual([
      [298, 420],
      [612, 792],
    ]);
    expect(pages[0]!.text).toContain('2 stops, hard, −½; 29.5 mm × 2');
    expect(pages[0]!.text).toContain('EV 13.0, f/8');
    expect(pages[1]!.text).toContain('page two');
    expect(pages.map((p) => p.images)).toEqual([1, 0]);
    expect(asImages).toEqual([]);
  });

  it('spells thirds, and takes what its type has no letters for as a picture', async () => {
    const { pages, asImages } = await made([
      { ...PAPERS.A6, marks: [text('0⅔ stop'), text('Сопка, 夕'), text('Marl Pan')] },
    ]);
    expect(pages[0]!.text).toContain('0 2/3 stop');
    expect(pages[0]!.text).toContain('Marl Pan');
    expect(asImages).toEqual(['Сопка, 夕']);
    expect(pages[0]!.images).toBe(1);
  });
});
