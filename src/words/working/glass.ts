import { type Side } from '@/core/balance';
import { beamDiameterMm, cornerAngleDeg, sheetScale, WIDE_ANGLE_DEG } from '@/core/optics';
import { type Glass, isSheet, type Prepared, railAboveAxisMm, seamViews, type SeamViews } from '@/model';
import { fitFigure, mmFigure, percentText, stopsFigure, stopsText } from '../figures/figures';
import { filterName } from '../glass/glass';
import { levelText } from '../plan/reasons';
import { otherSide, sideNames, type SideNames } from '../figures/sides';
import { seatShortText } from '../plan/slip-seat';
import { type Working, type WorkingContext } from './types';

/** The working of what the glass in use does: its seat, its seam and its fit. */
export function glassWorkings(
  { stand, bag, derived }: WorkingContext,
  prepared: Prepared,
): (Working | null)[] {
  const glass = derived.inUse;
  if (!glass?.seat) return [];
  const views = seamViews(stand, prepared, glass);
  return [
    seatWorking(glass, prepared, prepared.input.lens.pupilEstimated, bag.holder),
    seamWorking(glass, prepared),
    views && spreadWorking(views, prepared),
    ...fitWorkings(glass, derived.balance?.brighter ?? 'sky', sideNames(stand)),
  ];
}

function seatWorking(
  glass: Glass,
  { input }: Prepared,
  estimated: boolean,
  holder: Parameters<typeof railAboveAxisMm>[1],
): Working {
  const { offsetMm } = glass.seat as NonNullable<Glass['seat']>;
  const { lens, frame } = input;
  const sheet = glass.filters.find(isSheet);
  const lines = [
    `The seam lies ${mmFigure(Math.abs(offsetMm))} mm ${offsetMm < 0 ? 'on the clear side of' : 'towards the dark end from'} the lens axis.`,
  ];
  if (sheet?.sheetLengthMm !== undefined && glass.sticksOutMm !== null) {
    const seam = sheet.seamFromDarkEndMm ?? sheet.sheetLengthMm / 2;
    const rail = railAboveAxisMm(sheet, holder);
    lines.push(
      `${filterName(sheet)}: seam ${mmFigure(seam)} mm from its dark end; rail ${mmFigure(rail)} mm above the axis. ${mmFigure(seam)} ${offsetMm < 0 ? '−' : '+'} ${mmFigure(Math.abs(offsetMm))} − ${mmFigure(rail)} = ${mmFigure(glass.sticksOutMm)} mm.`,
    );
  }
  lines.push(
    `Pupil to slot ${mmFigure(lens.pupilToFilterMm)} mm${estimated ? ', estimated from the focal length and good to a fifth' : ''}; ${lens.focalLengthMm} mm lens: a millimetre of sheet is ${(100 / sheetScale(lens) / frame.heightMm).toFixed(1)} % of the picture's height.`,
  );
  const giveOrTake = glass.outcome.seam?.giveOrTakeMm ?? 0;
  if (giveOrTake >= 0.5)
    lines.push(`So the seat is good to ${mmFigure(giveOrTake)} mm: two test pictures would settle it.`);
  const cost = glass.figures?.levelCostStops;
  if (cost !== null && cost !== undefined && glass.seat?.turnDeg)
    lines.push(`Level in place of turned would cost ${fitFigure(cost)}.`);
  lines.push(
    'Of the seats within 0.02 of the best: level before turned, whole degrees, half millimetres, the middle of the play.',
  );
  if (cornerAngleDeg(lens, frame) > WIDE_ANGLE_DEG)
    lines.push(
      'Beyond 30 degrees from the axis the pupil wanders: towards the corners these figures are estimates.',
    );
  return { of: 'seat', title: 'Seat', figure: seatShortText(glass), lines };
}

function seamWorking({ outcome }: Glass, { input }: Prepared): Working | null {
  if (!outcome.seam) return null;
  const { at, halfDimmingMm } = outcome.seam;
  const shift = halfDimmingMm / sheetScale(input.lens) / input.frame.heightMm;
  const [a, b] = 'left' in at ? ['left', 'right'] : ['top', 'bottom'];
  const [from, to] = 'left' in at ? [at.left, at.right] : [at.top, at.bottom];
  return {
    of: 'seam',
    title: 'Seam in the picture',
    figure: `${a} ${percentText(from)}, ${b} ${percentText(to)}`,
    lines: [
      'The line on which the dimming is half of the most that this glass reaches.',
      `Light is averaged and not stops, so it lies ${Math.abs(halfDimmingMm).toFixed(1)} mm of sheet, ${percentText(Math.abs(shift))} of the height, ${halfDimmingMm < 0 ? 'short of' : 'beyond'} the sheet's mid-line.`,
    ],
  };
}

function spreadWorking(
  { taking, open, openIsAssumed, stoppedDown, near }: SeamViews,
  { input }: Prepared,
): Working {
  return {
    of: 'spread',
    title: 'Spread of the seam',
    figure: `${percentText(taking.spread)} of the height`,
    lines: [
      `At f/${taking.aperture} each point of the picture looks through ${beamDiameterMm(input.lens).toFixed(1)} mm of glass: from a tenth to nine tenths of the dimming takes ${percentText(taking.spread)} of the height.`,
      `The finder, at f/${open.aperture}${openIsAssumed ? ' (assumed)' : ''}, shows ${percentText(open.spread)}.`,
      `Stopped down to f/${stoppedDown.aperture} it would be ${percentText(stoppedDown.spread)}: a harder line than the picture records.`,
      ...(near
        ? [
            `What is only ${near.subjectM} m away sends a narrower beam through the sheet, and sees ${percentText(near.spread)}.`,
          ]
        : []),
    ],
  };
}

function fitWorkings({ figures, sticksOutMm, seat }: Glass, side: Side, names: SideNames): Working[] {
  if (!figures || !seat) return [];
  const brighter = names[side];
  const other = names[otherSide(side)];
  const base = sticksOutMm ?? seat.offsetMm;
  const { playMm } = figures;
  return [
    {
      of: 'uneven',
      title: 'Uneven',
      figure: fitFigure(figures.unevenStops),
      lines: [
        `The misfit left over the frame when the ${brighter} is taken as a whole: root of the mean square, the skyline's neighbourhood counted twice and features three times.`,
        'A line in the open counts with twice the square of its steepness; along the skyline it is not seen as one.',
      ],
    },
    {
      of: 'level',
      title: 'Level',
      figure: levelText(figures, brighter) ?? 'as wanted',
      lines: [
        `Mean of dimming less what is wanted, over the ${brighter}.`,
        'Up to 0.3 of a stop costs nothing: meters and labels leave as much uncertain.',
      ],
    },
    {
      of: 'spill',
      title: 'Spill',
      figure: stopsText(figures.spillStops),
      lines: [
        `Mean dimming of the ${other}.`,
        ...(figures.spillWorst
          ? [
              `Where it is worst ${stopsFigure(figures.spillWorst.stops)} stops come off, at ${percentText(figures.spillWorst.u)} across and ${percentText(figures.spillWorst.v)} down.`,
            ]
          : []),
        ...(figures.line
          ? [
              `The steepest line is ${stopsFigure(figures.line.stops)} stops within a tenth of the height, at ${percentText(figures.line.u)} across and ${percentText(figures.line.v)} down.`,
            ]
          : []),
      ],
    },
    {
      of: 'leak',
      title: 'Leak',
      figure: stopsText(figures.leakStops),
      lines: [`Mean of what is still missing, over the ${brighter}.`],
    },
    ...playWorkings(playMm, base),
  ];
}

function playWorkings(playMm: readonly [number, number] | null, base: number): Working[] {
  if (!playMm) return [];
  return [
    {
      of: 'play',
      title: 'Play',
      figure: `${mmFigure(base + playMm[0])} to ${mmFigure(base + playMm[1])} mm`,
      lines: ['How far the sheet may slide either way before the fit worsens by a tenth of a stop.'],
    },
  ];
}
