/** The pixels of what is drawn on a canvas that nobody sees. */
export function offscreen(
  columns: number,
  rows: number,
  draw: (context: CanvasRenderingContext2D) => void,
): ImageData {
  const canvas = document.createElement('canvas');
  canvas.width = columns;
  canvas.height = rows;
  const context = canvas.getContext('2d', { willReadFrequently: true }) as CanvasRenderingContext2D;
  draw(context);
  return context.getImageData(0, 0, columns, rows);
}
