import { rimMarkText } from '@/words';

const SIZE = 76;
const RADIUS = 28;

/** A round polariser as it is turned in the hand: where its axis stands when the sky is darkest. */
export function RimMark({ axisDeg }: { axisDeg: number }) {
  return (
    <div className="flex items-center gap-3">
      <svg
        width={SIZE}
        height={SIZE}
        viewBox={`${-SIZE / 2} ${-SIZE / 2} ${SIZE} ${SIZE}`}
        aria-hidden
        className="shrink-0"
      >
        <circle r={RADIUS} fill="var(--glass)" fillOpacity={0.3} stroke="var(--ink)" strokeWidth={4} />
        <path d={`M0 ${-RADIUS - 9}V${-RADIUS + 4}`} stroke="var(--ink)" strokeWidth={3} />
        <path
          d={`M0 ${-RADIUS + 6}V${RADIUS - 6}`}
          transform={`rotate(${axisDeg})`}
          stroke="var(--ink)"
          strokeWidth={1.5}
          strokeDasharray="4 3"
        />
      </svg>
      <p className="text-sm">{rimMarkText(axisDeg)}</p>
    </div>
  );
}
