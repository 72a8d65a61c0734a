/** What the drawings say in whole sentences. */
export const RENDER_TEXT = {
  seamOutside: (parts: number, side: string) => `seam ${parts.toFixed(2)} of the height ${side} the frame`,
  belowTheRail: 'upside down: millimetres below the rail',
};
