import { CARD_FONT } from './card-page';
import { type Mark, type Measure, type PageMarks } from './marks';

const MM_PER_INCH = 25.4;

const fontOf = (size: number, isBold: boolean): string =>
  `${isBold ? 700 : 400} ${size}px "${CARD_FONT}", sans-serif`;

/** Sizes are measured in type so large that hinting does not matter, px. */
const MEASURED = 100;

/** Sees to it that the card's typeface is there to be measured and drawn with. */
export async function cardFontsReady(): Promise<void> {
  await Promise.all([false, true].map((isBold) => document.fonts.load(fontOf(MEASURED, isBold))));
}

/** How wide text runs in the page's own typeface. */
export function measureOnCanvas(): Measure {
  const context = document.createElement('canvas').getContext('2d') as CanvasRenderingContext2D;
  return (text, size, isBold) => {
    context.font = fontOf(MEASURED, isBold);
    return (context.measureText(text).width * size) / MEASURED;
  };
}

/** A page as a PNG image of so many dots to the inch. */
export async function cardPng(
  { width, height, marks }: PageMarks,
  dpi: number,
): Promise<Uint8Array<ArrayBuffer>> {
  const scale = dpi / MM_PER_INCH;
  const { canvas, context } = canvasOf(Math.round(width * scale), Math.round(height * scale), scale);
  for (const mark of marks) await paint(context, mark);
  return pngOf(canvas);
}

/** A line of text by itself as a PNG image with nothing behind it, and the size of the box round it on the page, mm. */
export async function textPng(
  mark: Extract<Mark, { kind: 'text' }>,
  dpi: number,
): Promise<{ readonly bytes: Uint8Array<ArrayBuffer>; readonly width: number; readonly height: number }> {
  const scale = dpi / MM_PER_INCH;
  const [width, height] = [mark.width, 1.4 * mark.size];
  const { canvas, context } = canvasOf(Math.ceil(width * scale), Math.ceil(height * scale), scale);
  await paint(context, { ...mark, at: [0, mark.size], isRight: false });
  return { bytes: await pngOf(canvas), width, height };
}

function canvasOf(columns: number, rows: number, scale: number) {
  const canvas = document.createElement('canvas');
  canvas.width = columns;
  canvas.height = rows;
  const context = canvas.getContext('2d') as CanvasRenderingContext2D;
  context.scale(scale, scale);
  return { canvas, context };
}

async function pngOf(canvas: HTMLCanvasElement): Promise<Uint8Array<ArrayBuffer>> {
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/png'));
  if (!blob) throw new Error('the page is too large for this browser to paint');
  return new Uint8Array(await blob.arrayBuffer());
}

async function paint(context: CanvasRenderingContext2D, mark: Mark): Promise<void> {
  switch (mark.kind) {
    case 'text':
      context.font = fontOf(mark.size, mark.isBold);
      context.fillStyle = mark.ink;
      context.textAlign = mark.isRight ? 'right' : 'left';
      context.fillText(mark.text, ...mark.at);
      return;
    case 'line':
    case 'area': {
      const path = new Path2D();
      mark.spots.forEach(([x, y], i) => (i ? path.lineTo(x, y) : path.moveTo(x, y)));
      if (mark.kind === 'area') {
        context.fillStyle = mark.ink;
        context.fill(path);
        return;
      }
      context.strokeStyle = mark.ink;
      context.lineWidth = mark.width;
      context.setLineDash(mark.isDashed ? [1.6, 1.2] : []);
      context.stroke(path);
      return;
    }
    case 'image': {
      const image = new Image();
      image.src = mark.href;
      await image.decode();
      context.drawImage(image, ...mark.at, mark.width, mark.height);
    }
  }
}
