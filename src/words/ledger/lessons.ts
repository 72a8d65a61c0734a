import { type LearntFrom, type Lesson } from '@/model/ledger';
import { BLUR_NAMES } from '../expose/blur';
import { stopsFigure, stopsText, thirdsText, timeText } from '../figures/figures';
import { metresText } from '../expose/focus';
import { filterName } from '../glass/glass';

/** What was learnt, and what is offered for it. */
export function lessonText(lesson: Lesson): { readonly says: string; readonly offers: string } {
  switch (lesson.kind) {
    case 'label': {
      const { filter, measuredStops } = lesson;
      const printed = 'stops' in filter ? filter.stops : measuredStops;
      const off = measuredStops - printed;
      return {
        says: `${filterName(filter)} takes ${stopsFigure(Math.abs(off))} ${off > 0 ? 'more' : 'less'} than it says, ${lesson.from.length} times.`,
        offers: `Use ${stopsFigure(measuredStops)} stops`,
      };
    }
    case 'placement': {
      const { by, agreeing, of } = lesson.leaning;
      return {
        says: `The first shot is corrected ${stopsText(Math.abs(by))} ${by > 0 ? 'brighter' : 'darker'}, ${agreeing} times of ${of}.`,
        offers: `Start with the land at ${lesson.stops === 0 ? 'mid-grey' : `${lesson.stops > 0 ? '+' : '−'}${thirdsText(Math.abs(lesson.stops))}`}`,
      };
    }
    case 'gap':
      return {
        says: lesson.weaker
          ? fittedText(lesson.weaker)
          : `What you keep leaves the sky ${stopsFigure(lesson.gapStops)} brighter than the land, ${lesson.from.length} times.`,
        offers: `Keep ${stopsFigure(lesson.gapStops)} from now on`,
      };
    case 'blur':
      return {
        says: `${BLUR_NAMES[lesson.blur]}: you keep ${timeText(lesson.seconds)}, ${sceneText(lesson)}, ${lesson.from.length} times.`,
        offers: `Offer ${timeText(lesson.seconds)} first`,
      };
  }
}

const fittedText = ({ by, agreeing, of }: NonNullable<Extract<Lesson, { kind: 'gap' }>['weaker']>): string =>
  `You fit ${stopsText(Math.abs(by))} ${by > 0 ? 'less' : 'more'} than is advised, ${agreeing} times of ${of}.`;

/** Of what scene a time was liked, as far as it is known. */
const sceneText = ({ focalLengthMm, distanceM, waveSeconds }: Extract<Lesson, { kind: 'blur' }>): string =>
  [
    `at about ${focalLengthMm} mm`,
    ...(distanceM === null ? [] : [`${metresText(distanceM)} off`]),
    ...(waveSeconds === null ? [] : [`a wave every ${stopsFigure(waveSeconds)} s`]),
  ].join(', ');

/** What a lesson rests on, a line each. */
export function evidenceText(lesson: Lesson, { standName, figure }: LearntFrom): string {
  const name = standName || 'without a name';
  switch (lesson.kind) {
    case 'label':
      return `${name}: took ${stopsFigure(figure)} stops`;
    case 'placement':
      return `${name}: ${figure > 0 ? `${stopsText(figure)} brighter` : `${stopsText(-figure)} darker`}`;
    case 'gap':
      return lesson.weaker
        ? `${name}: ${stopsText(Math.abs(figure))} ${figure > 0 ? 'less' : 'more'}`
        : `${name}: ${stopsFigure(figure)} kept`;
    case 'blur':
      return `${name}: ${timeText(figure)}`;
  }
}
