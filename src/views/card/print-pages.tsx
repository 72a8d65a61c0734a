import { useEffect } from 'react';
import { createPortal } from 'react-dom';
import { CardPage } from '@/render/card/card-page';
import { type PageMarks } from '@/render/card/marks';

/** The pages as a printer has them, each on paper of its own size; on the screen there is nothing of them. */
export function PrintPages({ pages }: { pages: readonly PageMarks[] }) {
  const [first] = pages;
  const { width = 0, height = 0 } = first ?? {};
  useEffect(() => {
    const sheet = new CSSStyleSheet();
    sheet.replaceSync(`@page { size: ${width}mm ${height}mm; margin: 0 }`);
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
    return () => {
      document.adoptedStyleSheets = document.adoptedStyleSheets.filter((s) => s !== sheet);
    };
  }, [width, height]);
  return createPortal(
    <div className="paper" aria-hidden>
      {pages.map((page, i) => (
        <div key={i} style={{ width: `${width}mm`, height: `${height}mm` }}>
          <CardPage page={page} label="" />
        </div>
      ))}
    </div>,
    document.body,
  );
}
