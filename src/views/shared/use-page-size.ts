import { useEffect } from 'react';
import { type PaperSize } from '@/core/units';

/** Tells the printer what paper the pages are for, and the margin round what is not laid out to the edge, mm. */
export function usePageSize({ width, height }: PaperSize, marginMm = 0): void {
  useEffect(() => {
    const sheet = new CSSStyleSheet();
    sheet.replaceSync(`@page { size: ${width}mm ${height}mm; margin: ${marginMm}mm }`);
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
    return () => {
      document.adoptedStyleSheets = document.adoptedStyleSheets.filter((s) => s !== sheet);
    };
  }, [width, height, marginMm]);
}
