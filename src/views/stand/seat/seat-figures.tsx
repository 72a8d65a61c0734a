import { useMemo } from 'react';
import { cornerVignette, isUpsideDown, type Seat } from '@/core/optics';
import { type Candidate, openingsOf, type Outcome, type SeamViews, seamViews, type Side } from '@/model';
import { outside } from '@/render';
import {
  fitFigure,
  type HelpWord,
  levelText,
  mmFigure,
  otherSide,
  percentText,
  playText,
  sideNames,
  type SideNames,
  stopsFigure,
  type WorkingOf,
  SEAT_TEXT,
} from '@/words';
import { Term } from '../../shared/term';
import { Figure } from '../parts/figure';
import { atEase, useDerived, useStand, useStandBag } from '../session';

interface SeatRow {
  readonly name: string;
  readonly text: string;
  readonly of?: WorkingOf;
  /** Which of the product's own words it is. */
  readonly word?: HelpWord;
}

/** Less than this in the corners is not worth a line, stops. */
const CORNER_WORTH = 0.05;

/** What the seat does, live. */
export const SeatFigures = atEase(function SeatFigures() {
  const derived = useDerived();
  const stand = useStand();
  const bag = useStandBag();
  const { prepared, inUse: glass } = derived;
  const views = useMemo(
    () => prepared && glass && seamViews(stand, prepared, glass),
    [stand, prepared, glass],
  );
  if (!glass?.figures || !glass.seat || !prepared) return null;
  const { figures, outcome, sticksOutMm, seat } = glass;
  const { lens, frame } = prepared.input;
  const corner = cornerVignette(lens, frame, openingsOf(bag, lens), seat.turnDeg);
  const rows: SeatRow[] = [
    ...(sticksOutMm === null ? [] : [railRow(sticksOutMm, seat)]),
    ...fitRows(figures, derived.balance?.brighter ?? 'sky', {
      names: sideNames(stand),
      standsAtMm: sticksOutMm ?? seat.offsetMm,
    }),
    ...seamRows(outcome, views),
    ...(corner.by !== null && corner.stops >= CORNER_WORTH
      ? [{ name: 'Corners', text: cornerText(corner.stops, corner.by) }]
      : []),
  ];
  return (
    <dl
      className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 border-t border-rule pt-3"
      aria-label="Figures of the seat"
    >
      {rows.map(({ name, text, of, word }) => (
        <div key={name} className="contents">
          <dt className="text-quiet">{word ? <Term of={word}>{name}</Term> : name}</dt>
          <dd>{of ? <Figure of={of}>{text}</Figure> : text}</dd>
        </div>
      ))}
    </dl>
  );
});

/** What can be measured at the holder. */
const railRow = (outMm: number, { turnDeg }: Seat): SeatRow => ({
  name: 'Rail',
  word: 'rail',
  text: SEAT_TEXT.mmSheetStand(mmFigure(outMm), isUpsideDown(turnDeg) ? 'below' : 'above'),
  of: 'seat',
});

/** How well the glass serves at this seat, and how far it may slide. */
function fitRows(
  figures: Candidate,
  side: Side,
  { names, standsAtMm }: { names: SideNames; standsAtMm: number },
): SeatRow[] {
  const brighter = names[side];
  const other = names[otherSide(side)];
  const { playMm, levelCostStops } = figures;
  const rows: SeatRow[] = [
    { name: 'Uneven', text: `${fitFigure(figures.unevenStops)} stops show`, of: 'uneven', word: 'uneven' },
    {
      name: 'Level',
      text: levelText(figures, brighter) ?? `${brighter} as wanted`,
      of: 'level',
      word: 'level',
    },
    {
      name: 'Spill',
      text: SEAT_TEXT.stopsOffWhole(stopsFigure(figures.unwantedStops), other),
      of: 'spill',
      word: 'spill',
    },
    {
      name: 'Leak',
      text: `${stopsFigure(figures.leakStops)} stops still missing from the ${brighter}`,
      of: 'leak',
      word: 'leak',
    },
  ];
  if (playMm) {
    const text = playText(standsAtMm, playMm);
    if (text) rows.push({ name: 'Play', text, of: 'play', word: 'play' });
  }
  if (levelCostStops !== null && levelCostStops >= 0.005)
    rows.push({ name: 'Turned', text: `level would cost ${fitFigure(levelCostStops)} stops`, of: 'seat' });
  return rows;
}

/** Where the seam lies in the picture, and how wide it is drawn there. */
function seamRows({ seam }: Outcome, views: SeamViews | null): SeatRow[] {
  if (!seam || !views) return [];
  const { at } = seam;
  const { taking, near } = views;
  const meets = outside(at)
    ? 'outside the frame'
    : 'left' in at
      ? SEAT_TEXT.meetsLeftEdgeDown(percentText(at.left), percentText(at.right))
      : SEAT_TEXT.meetsTopAcrossBottom(percentText(at.top), percentText(at.bottom));
  return [
    { name: 'Seam', word: 'seam', text: meets, of: 'seam' },
    {
      name: 'Spread',
      word: 'spread',
      text: SEAT_TEXT.heightClearDense(percentText(taking.spread)),
      of: 'spread',
    },
    ...(near
      ? [
          {
            name: 'Near by',
            text: `${percentText(near.spread)} for what is ${near.subjectM} m away`,
            of: 'spread' as const,
          },
        ]
      : []),
  ];
}

const cornerText = (stops: number, by: string): string =>
  Number.isFinite(stops) ? `lose ${stopsFigure(stops)} stops behind the ${by}` : `go black behind the ${by}`;
