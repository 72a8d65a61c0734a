import { type LadderData, type LadderExposure, LADDER_ROWS, type LadderScale } from './layout';

const PER_LETTER = 6.3;

/** The sensor's window round an exposure; those of a bracket are drawn one inside the other. */
export function Window({ evMidGrey, window, x, inset }: LadderExposure & { x: LadderScale; inset: number }) {
  const left = x(evMidGrey - window.shadowRoom);
  const right = x(evMidGrey + window.highlightRoom);
  const top = LADDER_ROWS.windowTop + inset;
  const bottom = LADDER_ROWS.windowBottom - inset;
  return (
    <g pointerEvents="none">
      <rect x={left} y={top} width={right - left} height={bottom - top} fill="var(--ink)" opacity={0.07} />
      <path
        d={`M${left + 7} ${top}H${left}V${bottom}h7M${right - 7} ${top}H${right}V${bottom}h-7`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={2.5}
      />
      <path d={`M${x(evMidGrey)} ${top + 4}V${LADDER_ROWS.shutter}`} stroke="var(--ink)" strokeWidth={1.5} />
    </g>
  );
}

/** Along the window's foot: where tones print well and what noise they have, and what falls out of it. */
export function WindowNotes({ exposures, noise, out, x }: LadderData & { x: LadderScale }) {
  const [exposure] = exposures;
  if (!exposure || exposures.length > 1) return null;
  const { evMidGrey, window } = exposure;
  const left = x(evMidGrey - window.shadowRoom);
  const right = x(evMidGrey + window.highlightRoom);
  const print = x(evMidGrey - window.printRoom);
  const y = LADDER_ROWS.foot;
  const dark = out.dark || (noise?.dark ?? '');
  const darkFits = left + 8 + dark.length * PER_LETTER < print - 4;
  return (
    <g fontSize={12} pointerEvents="none">
      {print > left + 4 && (
        <path
          d={`M${print} ${LADDER_ROWS.windowTop + 2}V${LADDER_ROWS.windowBottom - 2}`}
          stroke="var(--quiet)"
          strokeDasharray="3 3"
        />
      )}
      {(out.dark !== '' || darkFits) && (
        <Note x={left + 8} y={y} isFault={out.dark !== ''}>
          {dark}
        </Note>
      )}
      {noise && (out.dark === '' || darkFits) && (
        <Note x={print + 5} y={y}>
          {x(evMidGrey) - print > noise.print.length * PER_LETTER + 10 ? noise.print : noise.printShort}
        </Note>
      )}
      {out.bright && (
        <Note x={right - 8} y={y} anchor="end" isFault>
          {out.bright}
        </Note>
      )}
    </g>
  );
}

interface NoteProps {
  x: number;
  y: number;
  anchor?: 'start' | 'end';
  isFault?: boolean;
  children: string;
}

const Note = ({ x, y, anchor = 'start', isFault = false, children }: NoteProps) => (
  <text
    x={x}
    y={y}
    textAnchor={anchor}
    fill={isFault ? 'var(--fault)' : 'var(--quiet)'}
    fontWeight={isFault ? 700 : undefined}
  >
    {children}
  </text>
);
