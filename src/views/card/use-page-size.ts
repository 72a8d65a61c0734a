import { useEffect } from 'react';
import { type PaperSize } from '@/core/units';

/** Tells the printer what paper the pages are for: they are laid out to its edge. */
export function usePageSize({ width, height }: PaperSize): void {
  useEffect(() => {
    const sheet = new CSSStyleSheet();
    sheet.replaceSync(`@page { size: ${width}mm ${height}mm; margin: 0 }`);
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
    return () => {
      document.adoptedStyleSheets = document.adoptedStyleSheets.filter((s) => s !== sheet);
    };
  }, [width, height]);
}
