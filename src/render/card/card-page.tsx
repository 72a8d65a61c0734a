import { memo } from 'react';
import { type Mark, type PageMarks, pathOf } from './marks';

/** The typeface of a card, as the page has it. */
export const CARD_FONT = 'Atkinson Hyperlegible Next Variable';

/** A page as it will be printed, drawn to fill its place; what it says can be read and selected. */
export const CardPage = memo(function CardPage({ page, label }: { page: PageMarks; label: string }) {
  const { width, height, marks } = page;
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={label}
      className="block size-full"
      fontFamily={`"${CARD_FONT}", sans-serif`}
    >
      {marks.map((mark, i) => (
        <Drawn key={i} mark={mark} />
      ))}
    </svg>
  );
});

function Drawn({ mark }: { mark: Mark }) {
  switch (mark.kind) {
    case 'text':
      return (
        <text
          x={mark.at[0]}
          y={mark.at[1]}
          fontSize={mark.size}
          fontWeight={mark.isBold ? 700 : 400}
          fill={mark.ink}
          textAnchor={mark.isRight ? 'end' : 'start'}
          // where type is rounded to whole dots, its width is not
          textLength={mark.width}
          lengthAdjust="spacingAndGlyphs"
        >
          {mark.text}
        </text>
      );
    case 'line':
      return (
        <path
          d={pathOf(mark.spots, false)}
          fill="none"
          stroke={mark.ink}
          strokeWidth={mark.width}
          strokeDasharray={mark.isDashed ? '1.6 1.2' : undefined}
        />
      );
    case 'area':
      return <path d={pathOf(mark.spots, true)} fill={mark.ink} />;
    case 'image':
      return (
        <image
          href={mark.href}
          x={mark.at[0]}
          y={mark.at[1]}
          width={mark.width}
          height={mark.height}
          preserveAspectRatio="none"
        />
      );
  }
}
