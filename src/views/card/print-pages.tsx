import { createPortal } from 'react-dom';
import { CardPage } from '@/render/card/card-page';
import { type PageMarks } from '@/render/card/marks';
import { usePageSize } from './use-page-size';

/** The pages as a printer has them, each on paper of its own size; on the screen there is nothing of them. */
export function PrintPages({ pages }: { pages: readonly PageMarks[] }) {
  const [first] = pages;
  const { width = 0, height = 0 } = first ?? {};
  usePageSize({ width, height });
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
