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
  const { filters, seat, apartMm, railMm, standOutMm } = seated;
  const sheet = filters[0]!;
  const wide = Math.max(...filters.map((f) => f.sheetWidthMm ?? 100));
  const half = wide / 2;
  const { lengthMm, seamMm } = drawnLength(sheet);
  const darkEnd = Math.max(-(seamMm + seat.offsetMm), -REACH.dark * wide);
  const clearEnd = Math.min(lengthMm - seamMm - seat.offsetMm, REACH.clear * wide);
  const out = standOutMm[0] ?? null;
  const figure = out === null ? null : `${halfMm(Math.abs(out))} mm`;
  const figureWidth = figure ? measure(figure, size, true) : 0;
  const room = figure ? figureWidth + 0.4 * size : 0;

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
  const scale = Math.min((width - room) / (rightmost - leftmost), height / (lowest - highest));
  const isLeft = isUpsideDown(seat.turnDeg);
  const spare = width - room - scale * (rightmost - leftmost);
  const axis: Spot = [
    left + (isLeft ? room : 0) + spare / 2 - scale * leftmost,
    top + (height - scale * (lowest - highest)) / 2 - scale * highest,
  ];
  /** A place on the holder, mm from the lens axis, right and down as it stands unturned, on the page. */
  const on = (x: number, y: number): Spot => {
    const [across, down] = turned([x, y]);
    return [axis[0] + scale * across, axis[1] + scale * down];
  };
  const area = (x: number, y: number, w: number, h: number): Spot[] =>
    rectangle(x, y, w, h).map(([a, b]) => on(a, b));
  const line = (spots: readonly Spot[], thick: number, ink = INK): Mark => ({
    kind: 'line',
    spots,
    width: thick,
    ink,
  });
  const strip = (clearEnd - darkEnd) / STRIPS;
  const strips = Array.from({ length: STRIPS }, (_, i): Mark => {
    const y = darkEnd + i * strip;
    const stops = filters.reduce(
      (sum, f, slot) =>
        sum + densityAt(profileOf(f), -(y + strip / 2) - seat.offsetMm - (slot === 1 ? apartMm : 0)),
      0,
    );
    const light = Math.round(0xf2 - (0xf2 - 0x40) * seenDarkness(stops));
    const tone = light.toString(16).padStart(2, '0');
    // each goes on under those below it: no hairline shows between them
    return { kind: 'area', spots: area(-half, y, wide, clearEnd - y), ink: `#${tone}${tone}${tone}` };
  });
  const opening = Array.from({ length: 49 }, (_, i) => {
    const angle = (2 * Math.PI * i) / 48;
    return on(0.43 * wide * Math.cos(angle), 0.43 * wide * Math.sin(angle));
  });
  const seam = [on(-half, -seat.offsetMm), on(half, -seat.offsetMm)];
  const x = half + ASIDE;
  const [endX, endY] = on(x + TICK, (darkEnd - railMm) / 2);
  return [
    ...strips,
    line([...area(-half, darkEnd, wide, clearEnd - darkEnd), on(-half, darkEnd)], 0.2),
    line(opening, 0.3),
    ...[-1, 1].map((side) =>
      line([on(side * (half + TICK), -railMm), on(side * half, -railMm), on(side * half, railMm)], 0.6),
    ),
    line(seam, 0.9),
    line(seam, 0.5, SEAM),
    ...(out !== null && out > 0
      ? [
          line([on(x - TICK, darkEnd), on(x + TICK / 2, darkEnd)], 0.2, QUIET),
          line([on(x - TICK, -railMm), on(x + TICK / 2, -railMm)], 0.2, QUIET),
          line([on(x, darkEnd), on(x, -railMm)], 0.3),
        ]
      : []),
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

const extent = (values: readonly number[]) => [Math.min(...values), Math.max(...values)] as const;
