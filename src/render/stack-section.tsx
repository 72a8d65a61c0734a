import { polarises } from '@/core/glass';
import { isSheet, type Piece, type SheetFilter } from '@/model';
import { DensityGradient } from './density-gradient';
import { useId } from 'react';

interface StackSectionProps {
  readonly slots: number;
  /** What is on the lens, from the lens outwards. */
  readonly pieces: readonly Piece[];
  /** The dark ends hang down. */
  readonly upsideDown?: boolean;
}

/** Drawn sizes, px. */
const GAP = 18;
const LENS = 16;
const TOP = 8;
const GLASS = 58;

/** All that is on the lens from the side: thread, holder and slots, each piece as it is dark along its height. */
export function StackSection({ slots, pieces, upsideDown = false }: StackSectionProps) {
  const behind = pieces.filter((p) => typeof p.place !== 'number');
  const first = LENS + 14 + behind.length * GAP;
  const width = first + slots * GAP + 8;
  const xOf = ({ place }: Piece, i: number) =>
    typeof place === 'number' ? first + (place - 0.5) * GAP : LENS + 10 + (i + 0.5) * GAP;
  return (
    <svg width={width} height={GLASS + 34} aria-hidden fill="none" className="shrink-0">
      <rect x={3} y={TOP + 8} width={LENS} height={GLASS - 12} fill="var(--rule)" stroke="var(--ink)" />
      <text x={3 + LENS / 2} y={GLASS + 26} textAnchor="middle" fontSize={12} fill="var(--quiet)">
        lens
      </text>
      {Array.from({ length: slots }, (_, i) => {
        const x = first + (i + 0.5) * GAP;
        return (
          <g key={i}>
            <path d={`M${x - 5} ${TOP}v${GLASS}M${x + 5} ${TOP}v${GLASS}`} stroke="var(--ink)" />
            <text x={x} y={GLASS + 26} textAnchor="middle" fontSize={12} fill="var(--quiet)">
              {i + 1}
            </text>
          </g>
        );
      })}
      {pieces.map((piece, i) => (
        <Glass key={piece.filter.id} piece={piece} x={xOf(piece, i)} upsideDown={upsideDown} />
      ))}
    </svg>
  );
}

/** How dark an ND is drawn for each stop, and at most. */
const DARK_PER_STOP = 0.11;
const DARKEST = 0.85;

function Glass({
  piece: { filter, place },
  x,
  upsideDown,
}: {
  piece: Piece;
  x: number;
  upsideDown: boolean;
}) {
  const id = useId();
  const height = typeof place === 'number' ? GLASS + 6 : GLASS - 14;
  const y = TOP - 3 + (GLASS + 6 - height) / 2;
  const box = { x: x - 3, y, width: 6, height };
  const stops = 'stops' in filter ? filter.stops : 2;
  return (
    <g data-testid="stack-piece">
      {isSheet(filter) ? (
        <Sheet id={id} filter={filter} box={box} upsideDown={upsideDown} />
      ) : (
        <rect {...box} fill="var(--ink)" fillOpacity={Math.min(DARKEST, stops * DARK_PER_STOP)} />
      )}
      {polarises(filter) && <path d={hatch(box)} stroke="var(--panel)" strokeWidth={1.4} />}
      <rect {...box} stroke="var(--ink)" />
    </g>
  );
}

interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

function Sheet({
  id,
  filter,
  box,
  upsideDown,
}: {
  id: string;
  filter: SheetFilter;
  box: Box;
  upsideDown: boolean;
}) {
  const turned = upsideDown ? `rotate(180 ${box.x + box.width / 2} ${box.y + box.height / 2})` : undefined;
  return (
    <g transform={turned}>
      <defs>
        <DensityGradient id={id} filter={filter} />
      </defs>
      <rect {...box} fill="var(--glass-clear)" />
      <rect {...box} fill={`url(#${id})`} />
    </g>
  );
}

/** Strokes across a polariser. */
const hatch = ({ x, y, width, height }: Box): string =>
  Array.from({ length: Math.floor(height / 6) }, (_, i) => `M${x} ${y + 6 * i + 5}l${width} -4`).join('');
