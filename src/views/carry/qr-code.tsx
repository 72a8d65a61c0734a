import { CARRY_TEXT } from '@/words';
import { useMemo } from 'react';
import { codeCells } from './code-cells';

/** The room that a dialog has for it, px. */
const WIDEST = 536;

/** A code to be photographed: dark on white in either theme, or cameras do not find it. */
export function QrCode({ text }: { text: string }) {
  const cells = useMemo(() => codeCells(text), [text]);
  // cells of whole pixels are told apart by any camera
  const width = cells.length * Math.max(1, Math.floor(WIDEST / cells.length));
  const path = cells
    .flatMap((row, y) => row.flatMap((isDark, x) => (isDark ? [`M${x} ${y}h1v1h-1z`] : [])))
    .join('');
  return (
    <svg
      viewBox={`0 0 ${cells.length} ${cells.length}`}
      shapeRendering="crispEdges"
      role="img"
      aria-label={CARRY_TEXT.codeOpensStandAnother}
      className="mx-auto block aspect-square max-w-full"
      style={{ width }}
    >
      <rect width={cells.length} height={cells.length} fill="#fff" />
      <path d={path} fill="#000" />
    </svg>
  );
}
