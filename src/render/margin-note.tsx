import { NOTE_PAD, noteWidth } from './note-width';

interface MarginNoteProps {
  x: number;
  /** The letters' baseline. */
  y: number;
  anchor?: 'start' | 'end' | 'middle';
  /** A figure rather than words: larger, in the face for figures. */
  figure?: boolean;
  children: string;
}

/** A note on the picture, on a quiet plate that reads on any ground. */
export function MarginNote({ x, y, anchor = 'start', figure = false, children }: MarginNoteProps) {
  const width = noteWidth(children, figure);
  const left = { start: x - NOTE_PAD, middle: x - width / 2, end: x + NOTE_PAD - width }[anchor];
  return (
    <g pointerEvents="none">
      <rect x={left} y={y - 15} width={width} height={21} rx={3} fill="var(--panel)" fillOpacity={0.86} />
      <text
        x={left + width / 2}
        y={y}
        textAnchor="middle"
        fontSize={figure ? 14 : 13}
        fontWeight={figure ? 700 : 600}
        className={figure ? 'font-mono' : undefined}
        fill="var(--ink)"
      >
        {children}
      </text>
    </g>
  );
}
