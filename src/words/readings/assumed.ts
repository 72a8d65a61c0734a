import { type Stand } from '@/model';
import { listText, percentText, wholeOrTenth } from '../figures/figures';

/** What a stand takes for granted because nobody has said it: "full frame, 24 mm, the skyline level at half height"; empty for nothing. */
export function assumedText({ assumed = [], camera, lens, skyline }: Stand): string {
  const parts = {
    camera: camera.name?.trim() || `a sensor of ${camera.sensorWidthMm} by ${camera.sensorHeightMm} mm`,
    lens: `${wholeOrTenth(lens.focalLengthMm)} mm`,
    skyline: skylineText(skyline),
  };
  return listText(assumed.map((part) => parts[part]));
}

function skylineText(skyline: Stand['skyline']): string {
  const [first] = skyline;
  const level = skyline.every((p) => p.v === first?.v);
  return level && first ? `a level skyline ${percentText(first.v)} down` : 'the skyline of the stand before';
}
