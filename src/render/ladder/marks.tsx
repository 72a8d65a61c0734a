import { RoleMark } from '@/ui/role-mark';
import { type DrawnMark } from './drawn-marks';
import { LADDER_ROWS, type LadderMark, type LadderScale } from './layout';

/** How far each role's readings are spread, on both rows. */
export function Spreads({ marks, x }: { marks: readonly LadderMark[]; x: LadderScale }) {
  return marks.map(({ key, role, spots }) =>
    (['bare', 'through'] as const).map((row) => {
      const values = spots.map((s) => s[row]);
      return values.length > 1 ? (
        <path
          key={`${key} ${row}`}
          d={`M${x(Math.min(...values))} ${LADDER_ROWS[row]}H${x(Math.max(...values))}`}
          stroke={`var(--${role})`}
          strokeWidth={6}
          opacity={0.35}
        />
      ) : null;
    }),
  );
}

/** A mark on both rows, and the line between them that leans towards the dark where glass takes light away. */
export function MarkLine({ drawn, x }: { drawn: DrawnMark; x: LadderScale }) {
  const { mark, bare, through, bareX, throughX, id } = drawn;
  const colour = `var(--${mark.role})`;
  const isSingle = mark.isOpen && mark.spots.length > 1;
  return (
    <g>
      <path
        d={`M${x(bare)} ${LADDER_ROWS.bare}L${x(through)} ${LADDER_ROWS.through}`}
        stroke={colour}
        strokeWidth={isSingle ? 1.3 : 2}
      />
      {[
        [bareX, LADDER_ROWS.bare, x(bare)] as const,
        [throughX, LADDER_ROWS.through, x(through)] as const,
      ].map(([at, y, trueX]) => (
        <g key={y}>
          {Math.abs(at - trueX) > 1 && (
            <path d={`M${trueX} ${y - 5}V${y + 5}M${trueX} ${y}H${at}`} stroke={colour} strokeWidth={1.5} />
          )}
          <g transform={`translate(${at} ${y})`}>
            <RoleMark role={mark.role} size={isSingle ? 5 : 6.5} cased />
            {mark.limit && <path d="M-8 -11H8" stroke={colour} strokeWidth={3} />}
          </g>
          {isSingle && y === LADDER_ROWS.bare && (
            <text
              x={at}
              y={y - 10}
              textAnchor="middle"
              fontSize={11.5}
              fill="var(--ink)"
              className="font-mono"
            >
              {id}
            </text>
          )}
        </g>
      ))}
    </g>
  );
}
