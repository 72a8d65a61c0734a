import { type CameraRow } from '@/core/exposure';
import { type Bag, type BracketFrame, type Stand, type StandBracket } from '@/model';
import { listText, stopsText, thirdsText, timeText } from '../figures/figures';
import { throughText } from '../glass/glass';

type GoodBracket = Extract<StandBracket, { ok: true }>;

/** A row as the camera's menu has it: "3 frames, 1⅔ stops apart". */
const cameraRowText = ({ frames, stepStops }: CameraRow): string =>
  `${frames} frames, ${thirdsText(stepStops)} ${stepStops <= 1 ? 'stop' : 'stops'} apart`;

/** What one frame of a bracket is made with: "1/15 s", with ISO and ND where they differ from frame to frame. */
export function bracketFrameText(frame: BracketFrame, stand: Stand, bag: Bag | undefined): string {
  const nd = frame.filterIds.length && bag ? `, with ${throughText(frame.filterIds, bag)}` : '';
  const iso = frame.iso === stand.exposure.iso && !nd ? '' : `, ISO ${frame.iso}`;
  return `${timeText(frame.seconds)}${iso}${nd}`;
}

/** The settings of all frames in one line, darkest picture first. */
export function bracketSettingsText({ frames }: GoodBracket, stand: Stand, bag: Bag | undefined): string {
  const { aperture, iso } = stand.exposure;
  const isAlike = frames.some((f) => f.filterIds.length || f.iso !== iso);
  if (!isAlike) return `f/${aperture}, ${listText(frames.map((f) => timeText(f.seconds)))}, ISO ${iso}`;
  const each = frames.map((f) =>
    f.filterIds.length && bag ? `ISO ${f.iso} with ${throughText(f.filterIds, bag)}` : `ISO ${f.iso}`,
  );
  return `f/${aperture}, ${timeText(frames[0]?.seconds ?? 0)} each, ${listText(each)}`;
}

/** How the bracket stands to the camera's own rows, and to what was asked; a sentence each. */
export function bracketNotes(bracket: GoodBracket, { bracket: wish = {} }: Stand): string[] {
  const { row, uncoveredStops, differsInBlur, frames } = bracket;
  return [
    wish.by === 'row'
      ? uncoveredStops > 0.05
        ? `This row leaves ${stopsText(uncoveredStops)} unheld: more frames or a wider step.`
        : `The camera's row of ${row ? cameraRowText(row) : `${frames.length}`} holds it all.`
      : wish.by === 'sides'
        ? 'One frame for the sky and one for the land, each at its wanted tone.'
        : row && `On the camera's own: ${cameraRowText(row)}, about the middle time.`,
    differsInBlur &&
      'No ND of the pouch and no ISO keeps the time alike: what moves will differ from frame to frame.',
    wish.alike && !differsInBlur && frames.length > 1 && 'The time stays, so that water and cloud match.',
  ].filter((note): note is string => !!note);
}
