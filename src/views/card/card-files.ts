import boldUrl from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff?url';
import regularUrl from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff?url';
import { zipSync } from 'fflate';
import { safeName } from '@/store';
import { cardPdf } from '@/render/card/card-pdf';
import { type PageMarks } from '@/render/card/marks';
import { cardPng, textPng } from '@/render/card/paint-card';

/** Dots to the inch of a page that is saved as an image, and of a line of text within a document. */
const PAGE_DPI = 200;
const TEXT_DPI = 600;

interface CardFile {
  readonly name: string;
  readonly bytes: Uint8Array<ArrayBuffer>;
}

const bytesAt = async (url: string): Promise<Uint8Array> =>
  new Uint8Array(await (await fetch(url)).arrayBuffer());

/** Pages as a PDF document. */
export async function pdfFile(pages: readonly PageMarks[], title: string): Promise<CardFile> {
  const [regular, bold] = (await Promise.all([regularUrl, boldUrl].map(bytesAt))) as [Uint8Array, Uint8Array];
  const bytes = await cardPdf(pages, {
    title,
    madeMs: Date.now(),
    fonts: { regular, bold },
    textImage: (mark) => textPng(mark, TEXT_DPI),
  });
  return { name: `${safeName(title) || 'card'}.pdf`, bytes };
}

/** Pages as PNG images: the one by itself, several in a zip file. */
export async function pngFile(pages: readonly PageMarks[], title: string): Promise<CardFile> {
  const name = safeName(title) || 'card';
  const images: Uint8Array<ArrayBuffer>[] = [];
  for (const page of pages) images.push(await cardPng(page, PAGE_DPI));
  const [first] = images;
  if (images.length === 1 && first) return { name: `${name}.png`, bytes: first };
  const entries = Object.fromEntries(images.map((image, i) => [`${name}-${i + 1}.png`, image]));
  return { name: `${name}.zip`, bytes: zipSync(entries, { level: 0 }) };
}
