import { isUpsideDown } from '@/core/optics';
import { densityAt } from '@/core/glass';
import { profileOf } from '@/model';
import { drawnLength, halfMm, seenDarkness } from '../geometry';
import { type SeatedSheets } from './card';
import { INK, type Mark, type Measure, QUIET, rectangle, SEAM, type Spot } from './marks';

/** Strips that a sheet's darkness is drawn in. */
const STRIPS = 48;
/** The most that is drawn of a sheet beyond the lens axis, parts of its width: to its dark end, and away from it. */
const REACH = { dark: 1.08, clear: 0.62 };
/** How far beside the sheet the dimension stands, and its ends reach, mm. */
const ASIDE = 5;
const TICK = 3;

/** The holder from behind the camera, as turned, the sheet with what stands out above the rail dimensioned, in a box, mm. */
export function holderMarks(
  seated: SeatedSheets,
  [left, top]: Spot,
  width: number,
  height: number,
  measure: Measure,
  size: number,
): Mark[] {
  const { seat, railMm, standOutMm } = seated;
  const out = standOutMm[0] ?? null;
  const figure = out === null ? null : `${halfMm(Math.abs(out))} mm`;
  const figureWidth = figure ? measure(figure, size, true) : 0;
  const room = figure ? figureWidth + 0.4 * size : 0;
  const isLeft = isUpsideDown(seat.turnDeg);
  const drawn = placed(seated, [left + (isLeft ? room : 0), top], width - room, height);
  const { on, half, darkEnd } = drawn;
  const seam = [on(-half, -seat.offsetMm), on(half, -seat.offsetMm)];
  const [endX, endY] = on(half + ASIDE + TICK, (darkEnd - railMm) / 2);
  return [
    ...stripMarks(seated, drawn),
    ...railMarks(seated, drawn),
    line(seam, 0.9),
    line(seam, 0.5, SEAM),
    ...(out !== null && out > 0 ? dimensionMarks(seated, drawn) : []),
    ...(figure
      ? [
          {
            kind: 'text',
            at: [endX, endY + size / 3],
            size,
            isBold: true,
            text: figure,
            ink: INK,
            isRight: isLeft,
            width: figureWidth,
          } as const,
        ]
      : []),
  ];
}

/** Where a sheet in its holder comes to lie on the page. */
interface Placed {
  /** Half the width of the widest sheet, and how far the first reaches to its dark and its clear end, mm from the lens axis. */
  readonly half: number;
  readonly darkEnd: number;
  readonly clearEnd: number;
  /** A place on the holder, mm from the lens axis, right and down as it stands unturned, on the page. */
  readonly on: (x: number, y: number) => Spot;
}

/** The holder, as turned, as large as a box lets it be and in its middle. */
function placed(
  { filters, seat, railMm }: SeatedSheets,
  [left, top]: Spot,
  width: number,
  height: number,
): Placed {
  const wide = Math.max(...filters.map((f) => f.sheetWidthMm ?? 100));
  const half = wide / 2;
  const { lengthMm, seamMm } = drawnLength(filters[0]!);
  const darkEnd = Math.max(-(seamMm + seat.offsetMm), -REACH.dark * wide);
  const clearEnd = Math.min(lengthMm - seamMm - seat.offsetMm, REACH.clear * wide);
  const turn = (seat.turnDeg * Math.PI) / 180;
  const turned = ([x, y]: Spot): Spot => [
    x * Math.cos(turn) - y * Math.sin(turn),
    x * Math.sin(turn) + y * Math.cos(turn),
  ];
  const corners = [
    ...rectangle(-half - TICK, darkEnd, 2 * half + TICK + ASIDE + TICK, clearEnd - darkEnd),
    ...rectangle(-half - TICK, -railMm, 2 * half + 2 * TICK, 2 * railMm),
  ].map(turned);
  const [leftmost, rightmost] = extent(corners.map(([x]) => x));
  const [highest, lowest] = extent(corners.map(([, y]) => y));
  const scale = Math.min(width / (rightmost - leftmost), height / (lowest - highest));
  const axis: Spot = [
    left + (width - scale * (rightmost - leftmost)) / 2 - scale * leftmost,
    top + (height - scale * (lowest - highest)) / 2 - scale * highest,
  ];
  const on = (x: number, y: number): Spot => {
    const [across, down] = turned([x, y]);
    return [axis[0] + scale * across, axis[1] + scale * down];
  };
  return { half, darkEnd, clearEnd, on };
}

const line = (spots: readonly Spot[], width: number, ink = INK): Mark => ({
  kind: 'line',
  spots,
  width,
  ink,
});

const area = ({ on }: Placed, x: number, y: number, w: number, h: number): Spot[] =>
  rectangle(x, y, w, h).map(([a, b]) => on(a, b));

/** The sheets, strip by strip as dark as they are there. */
function stripMarks({ filters, seat, apartMm }: SeatedSheets, drawn: Placed): Mark[] {
  const { half, darkEnd, clearEnd } = drawn;
  const strip = (clearEnd - darkEnd) / STRIPS;
  return Array.from({ length: STRIPS }, (_, i): Mark => {
    const y = darkEnd + i * strip;
    const stops = filters.reduce(
      (sum, f, slot) =>
        sum + densityAt(profileOf(f), -(y + strip / 2) - seat.offsetMm - (slot === 1 ? apartMm : 0)),
      0,
    );
    const light = Math.round(0xf2 - (0xf2 - 0x40) * seenDarkness(stops));
    const tone = light.toString(16).padStart(2, '0');
    // each goes on under those below it: no hairline shows between them
    return {
      kind: 'area',
      spots: area(drawn, -half, y, 2 * half, clearEnd - y),
      ink: `#${tone}${tone}${tone}`,
    };
  });
}

/** The edge of the sheet, the opening of the holder, and its rails. */
function railMarks({ railMm }: SeatedSheets, drawn: Placed): Mark[] {
  const { half, darkEnd, clearEnd, on } = drawn;
  const opening = Array.from({ length: 49 }, (_, i) => {
    const angle = (2 * Math.PI * i) / 48;
    return on(0.86 * half * Math.cos(angle), 0.86 * half * Math.sin(angle));
  });
  return [
    line([...area(drawn, -half, darkEnd, 2 * half, clearEnd - darkEnd), on(-half, darkEnd)], 0.2),
    line(opening, 0.3),
    ...[-1, 1].map((side) =>
      line([on(side * (half + TICK), -railMm), on(side * half, -railMm), on(side * half, railMm)], 0.6),
    ),
  ];
}

/** From the rail to the sheet's end. */
function dimensionMarks({ railMm }: SeatedSheets, { half, darkEnd, on }: Placed): Mark[] {
  const x = half + ASIDE;
  return [
    line([on(x - TICK, darkEnd), on(x + TICK / 2, darkEnd)], 0.2, QUIET),
    line([on(x - TICK, -railMm), on(x + TICK / 2, -railMm)], 0.2, QUIET),
    line([on(x, darkEnd), on(x, -railMm)], 0.3),
  ];
}

const extent = (values: readonly number[]) => [Math.min(...values), Math.max(...values)] as const;
