import { type ReactElement } from 'react';
import { type HelpWord } from '@/words';

const WIDTH = 180;
const HEIGHT = 100;
const INK = { stroke: 'var(--ink)', strokeWidth: 1.5, fill: 'none' } as const;
const RULE = { stroke: 'var(--edge)', strokeWidth: 1 } as const;

/** A small drawing of one of the product's own words. */
export function HelpDrawing({ of }: { of: HelpWord }) {
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      aria-hidden
      className="h-[100px] w-[180px] shrink-0 compact:h-[70px] compact:w-[126px] rounded-sm border border-rule bg-ground"
    >
      {DRAWINGS[of]()}
    </svg>
  );
}

const Sky = ({ x, y = 66 }: { x: number; y?: number }) => (
  <circle cx={x} cy={y} r="6" fill="var(--panel)" stroke="var(--sky)" strokeWidth="4" />
);
const Land = ({ x, y = 66 }: { x: number; y?: number }) => (
  <rect x={x - 6.5} y={y - 6.5} width="13" height="13" fill="var(--land)" />
);

/** A dimension line with its ticks. */
function Dimension({
  from,
  to,
  y,
  strong = false,
}: {
  from: number;
  to: number;
  y: number;
  strong?: boolean;
}) {
  return (
    <path
      d={`M${from} ${y - 5}v10M${to} ${y - 5}v10M${from} ${y}H${to}`}
      stroke={strong ? 'var(--action)' : 'var(--ink)'}
      strokeWidth={strong ? 3 : 1.5}
    />
  );
}

/** Land and sky on the scale of light. */
const Scale = () => (
  <>
    <path d="M14 66H166" {...RULE} />
    <Land x={46} />
    <Sky x={136} />
  </>
);

/** The line of half dimming, cased so that it reads on any ground. */
const Seam = ({ x = 20, y, width = 140 }: { x?: number; y: number; width?: number }) => (
  <>
    <path d={`M${x} ${y}h${width}`} stroke="var(--seam-ink)" strokeWidth="4.5" />
    <path d={`M${x} ${y}h${width}`} stroke="var(--seam)" strokeWidth="2.5" />
  </>
);

/** A frame with two hills. */
const HILLS = 'M20 62L58 46L84 64L116 40L160 66V88H20Z';
const Frame = ({ sky = 0.18, hills = 0.55 }: { sky?: number; hills?: number }) => (
  <>
    <rect x="20" y="12" width="140" height="76" fill="var(--ink)" fillOpacity={sky} />
    <path d={HILLS} fill="var(--ink)" fillOpacity={hills} />
    <rect x="20" y="12" width="140" height="76" {...INK} />
  </>
);

/** A sheet in the rails of its holder. */
const Holder = ({ up = 0, turn = 0 }: { up?: number; turn?: number }) => (
  <g transform={`rotate(${turn} 90 58)`}>
    <g transform={`translate(0 ${-up})`}>
      <rect x="66" y="18" width="48" height="40" fill="var(--ink)" fillOpacity="0.35" />
      <rect x="66" y="18" width="48" height="78" {...INK} />
      <Seam x={66} y={58} width={48} />
    </g>
    <path d="M62 34V92M118 34V92" stroke="var(--ink)" strokeWidth="4" />
    <path d="M54 34h8M118 34h8" stroke="var(--ink)" strokeWidth="3" />
  </g>
);

const DRAWINGS: Record<HelpWord, () => ReactElement> = {
  span: () => (
    <>
      <Scale />
      <Dimension from={46} to={136} y={34} strong />
    </>
  ),
  keep: () => (
    <>
      <Scale />
      <Dimension from={46} to={136} y={28} />
      <Dimension from={46} to={78} y={44} strong />
    </>
  ),
  look: () => (
    <>
      {[0.5, 0.28, 0.75].map((sky, i) => (
        <g key={sky} transform={`translate(${14 + 54 * i} 24)`}>
          <rect width="44" height="26" fill="var(--ink)" fillOpacity={sky} />
          <rect y="26" width="44" height="26" fill="var(--ink)" fillOpacity="0.5" />
          <rect width="44" height="52" {...INK} />
        </g>
      ))}
    </>
  ),
  hold: () => (
    <>
      <path d="M14 66H166" {...RULE} />
      <path d="M40 50V82M36 50h6M36 82h6M150 50V82M144 50h6M144 82h6" {...INK} strokeWidth={2.5} />
      <Sky x={134} />
      <path d="M124 52h20" stroke="var(--ink)" strokeWidth="4" />
    </>
  ),
  seam: () => (
    <>
      <Frame sky={0.3} />
      <Seam y={52} />
    </>
  ),
  seat: () => (
    <>
      <Holder turn={8} />
      <path d="M140 40v28m-4 -5l4 6l4 -6m-8 -18l4 -6l4 6" {...INK} />
    </>
  ),
  rail: () => (
    <>
      <Holder up={4} />
      <path d="M118 14h22M126 34h14M134 14V34" stroke="var(--action)" strokeWidth="2.5" fill="none" />
    </>
  ),
  play: () => (
    <>
      <Holder />
      <rect x="60" y="48" width="60" height="20" fill="var(--action)" fillOpacity="0.25" />
      <path d="M134 48V68M130 48h8M130 68h8" stroke="var(--action)" strokeWidth="2.5" />
    </>
  ),
  uneven: () => (
    <>
      <Frame />
      <path d="M94 54L116 40L139 53Z" fill="var(--ink)" />
    </>
  ),
  level: () => <Frame sky={0.5} />,
  spill: () => (
    <>
      <Frame hills={0.35} />
      <path d="M20 62L58 46L84 64L116 40L160 66V72H20Z" fill="var(--ink)" fillOpacity="0.6" />
    </>
  ),
  leak: () => (
    <>
      <Frame sky={0.45} />
      <path d="M20 62L58 46L84 64L116 40L160 66V56L116 30L84 54L58 36L20 52Z" fill="var(--panel)" />
    </>
  ),
  spread: () => (
    <>
      <defs>
        <linearGradient id="help-spread" x1="0" x2="0" y1="0" y2="1">
          <stop offset="0.15" stopColor="var(--ink)" stopOpacity="0.6" />
          <stop offset="0.85" stopColor="var(--ink)" stopOpacity="0.05" />
        </linearGradient>
      </defs>
      <rect x="20" y="12" width="120" height="76" fill="url(#help-spread)" {...{ stroke: 'var(--ink)' }} />
      <path d="M148 24V76M144 24h8M144 76h8" stroke="var(--action)" strokeWidth="2.5" />
    </>
  ),
};
