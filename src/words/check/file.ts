import { type FileCheck, type FileRefusal } from '@/model';
import { degreesFigure, mmFigure, percentText, stopsFigure } from '../figures/figures';

const REFUSALS: Record<FileRefusal, string> = {
  'other-frame': 'Its proportions are not those of this frame: it is another picture, or a crop of it.',
  'too-little':
    'Too little of the land can be told in it: blown, black, or not read yet. Its settings alone are looked at.',
  'no-line':
    'Where the line lies cannot be told from it: that takes a picture of the same frame without the sheet in the stand, best a raw file.',
};

/** What a file tells and what it cannot, a sentence each; what is robust leads. */
export function fileSays({ comparison, refusals, clipped }: FileCheck): string[] {
  const give = (by: number) => `, give or take ${stopsFigure(by)}`;
  const way = (by: number, more: string, less: string) => (by > 0 ? more : less);
  const { overall, skyAgainstLand, line } = comparison ?? {};
  return [
    overall &&
      (Math.abs(overall.by) <= overall.giveOrTake
        ? `As bright as planned${give(overall.giveOrTake)}.`
        : `${stopsFigure(Math.abs(overall.by))} stops ${way(overall.by, 'brighter', 'darker')} than planned${give(overall.giveOrTake)}.`),
    skyAgainstLand &&
      (Math.abs(skyAgainstLand.by) <= skyAgainstLand.giveOrTake
        ? `The sky is to the land as planned${give(skyAgainstLand.giveOrTake)}.`
        : `The sky is ${stopsFigure(Math.abs(skyAgainstLand.by))} ${way(skyAgainstLand.by, 'brighter', 'darker')} against the land than planned${give(skyAgainstLand.giveOrTake)}.`),
    line &&
      (Math.abs(line.offsetMm.by) <= line.offsetMm.giveOrTake
        ? `The line lies where it was to, give or take ${mmFigure(line.offsetMm.giveOrTake)} mm.`
        : `The line lies ${mmFigure(Math.abs(line.offsetMm.by))} mm of the sheet too ${way(line.offsetMm.by, 'far towards its dark end', 'far from its dark end')}, give or take ${mmFigure(line.offsetMm.giveOrTake)}.`),
    line &&
      Math.abs(line.turnDeg.by) > line.turnDeg.giveOrTake &&
      `It is turned ${degreesFigure(Math.round(2 * Math.abs(line.turnDeg.by)) / 2)}° ${way(line.turnDeg.by, 'clockwise', 'anticlockwise')} of where it was to be.`,
    ...clipped.map(
      ({ role, blown, black }) =>
        [
          blown >= 0.005 && `${percentText(blown)} of the ${role} is blown in it`,
          black >= 0.005 && `${percentText(black)} of the ${role} is black in it`,
        ]
          .filter(Boolean)
          .join(', ') + '.',
    ),
    ...refusals.map((r) => REFUSALS[r]),
  ].filter((s): s is string => !!s);
}
