import { type Answer, type Bag, filtersById, givesWayAtDeg, type Told } from '@/model';
import { exposureText, fitFigure, stopsFigure } from '../figures/figures';
import { timeWayText } from '../expose/time-ways';
import { glassName } from '../glass/glass';

/** A way to answer what was seen, as it stands on a button. */
export function answerText(answer: Answer, { what }: Told, bag: Bag): string {
  switch (answer.by) {
    case 'evidence':
      return what === 'sky-pale' ? 'more grad' : what === 'blocked' ? 'longer' : 'by the light';
    case 'polariser':
      return `the polariser${promiseText(answer)}`;
    case 'time':
      return `${exposureText(answer.way.seconds)}: ${timeWayText(answer.way, bag)}`;
    case 'look':
      return answer.to === 'draw' ? 'draw the sky out' : 'even out the top';
    case 'glass':
      return `${glassName(
        filtersById(
          bag,
          answer.candidate.set.map((c) => c.id),
        ),
      )}: line ${fitFigure(answer.lineStops)}`;
    case 'aperture':
      return `f/${answer.aperture}`;
    case 'crop':
      return `crop to ${answer.crop.width}:${answer.crop.height}`;
    case 'placement':
      return `longer: the land placed at ${stopsFigure(answer.placementStops)}`;
  }
}

function promiseText({ promise }: Extract<Answer, { by: 'polariser' }>): string {
  if (!promise) return '';
  const [hazy, clear] = promise.darkerStops;
  return `: ${stopsFigure(hazy)} to ${stopsFigure(clear)} off the sky`;
}

/** What else is to be said of what was seen: what it may come from, what helps, what that costs. */
export function adviceText(told: Told): string {
  switch (told.what) {
    case 'blown':
      return 'The camera’s screen judges its JPEG, which ends sooner than the raw file, in saturated red and orange sooner still.';
    case 'sky-pale':
      return 'A polariser serves with the sun at your side, not before or behind you, and darkens a wide sky unevenly. Else more grad; else wait.';
    case 'sky-dark':
      return 'A weaker sheet or a higher seat, whichever costs less.';
    case 'dull':
      return 'Under even cloud only a deliberate, stronger sheet helps: it makes the sky darker than its reflection, and that shows.';
    case 'bright-top':
      return 'A soft sheet, set lower; or the line through the sky, so that only its top is held back, once the sky is read high and low.';
    case 'strip':
      return 'Light is left between the line and the horizon. A harder sheet, or a reverse one, leaves less.';
    case 'dark-top':
      return 'The line cuts into what stands up. A softer sheet cuts less.';
    case 'line-shows':
      return 'A softer sheet, a wider aperture (its beam draws a softer line), or another turn.';
    case 'turned':
      return 'Set it by where the line meets the two edges.';
    case 'too-dark':
    case 'too-bright':
      return 'The time alone; the light of all readings is taken to be so.';
    case 'blocked':
      return 'Longer first, then more grad, since longer alone lifts the sky too; or a sheet that keeps off it.';
    case 'glare':
      return glareText(told);
    case 'rippled':
    case 'too-smooth':
    case 'no-streaks':
      return 'By ND first, then aperture, then ISO, as the bag has them.';
    case 'people-there':
      return 'Who stands still stays in the picture however long it is.';
    case 'people-gone':
      return 'A short time catches them standing.';
    case 'soft':
      return SOFT_TEXT[told.of ?? 'land'] ?? '';
    case 'mirrored':
      return 'A polariser, a step aside, a longer lens, or the sun more at your side.';
    case 'clutter':
      return 'A step, an upright or square crop at that edge, or the list of what to leave out.';
    case 'corners':
      return 'Take off a ring or an empty slot, or zoom in a little; corners that turn with the holder are its slots.';
    case 'streaks':
      return 'Light comes in behind the glass: the gasket’s side to the lens, the finder covered, the sun off the sheet.';
    case 'colour':
      return 'Dense glass has a cast: one white balance through it, kept for all of its shots.';
    case 'histogram':
      return 'Good to half a stop, and of the JPEG that the camera shows: the raw file holds more.';
    case 'file':
      return 'Measured in the file.';
    case 'spots':
      return 'Salt, rain or dust on the outer sheet: wipe it, dry last. Spots that stay are on the lens or the sensor.';
  }
}

const SOFT_TEXT: Partial<Record<NonNullable<Told['of']>, string>> = {
  land: 'Doubled edges are wind or a knock; all softly blurred is the focus that moved. Focus again before the glass goes on.',
  foot: 'Focus nearer, or stop down until the nearest is held.',
  top: 'Focus farther: the near limit matters less than the far.',
};

function glareText({ of }: Told): string {
  if (of === 'metal') return 'Bare metal does not give way to a polariser: move, or let it be.';
  const surface =
    of === 'water' || of === 'leaves' || of === 'rock' || of === 'deck' || of === 'window' ? of : 'water';
  const angle = givesWayAtDeg(surface);
  const where = angle === null ? '' : ` It gives way most seen at ${Math.round(angle)}° to its surface.`;
  return `A polariser takes it away.${where} It takes from the sky too: judge the grad again.`;
}

/** The one question that tells causes apart that are no matter of the exposure; null where there is none. */
export interface CauseQuestion {
  readonly question: string;
  readonly answers: readonly { readonly text: string; readonly then: string }[];
}

/** What is asked of a sight so that its cause is told; null where nothing needs asking. */
export function causeQuestion({ what, of }: Told): CauseQuestion | null {
  switch (what) {
    case 'soft':
      if (of === 'land')
        return {
          question: 'Are edges doubled, or smeared one way?',
          answers: [
            {
              text: 'Yes',
              then: 'It moved: shelter it, hang no bag in wind, shield it with your body, wait for the lull.',
            },
            {
              text: 'No',
              then: 'The focus moved, or the ring was knocked: take the sheets out, focus, tape the ring, go on.',
            },
          ],
        };
      return null;
    case 'corners':
      return {
        question: 'Do they turn with the holder?',
        answers: [
          { text: 'Yes', then: 'It is the holder’s slots: take off the empty one, or turn less.' },
          {
            text: 'No',
            then: 'It is the lens itself or a ring on its thread: stop down one, take the ring off, or lift them afterwards.',
          },
        ],
      };
    case 'colour':
      return {
        question: 'Is it there without the dense ND too?',
        answers: [
          { text: 'Yes', then: 'It is the light, or the camera’s own guess: set the white balance by hand.' },
          { text: 'No', then: 'It is the glass: the white balance through it, once, for all of its shots.' },
        ],
      };
    case 'streaks':
      return {
        question: 'Are they gone with the finder covered?',
        answers: [
          { text: 'Yes', then: 'Cover it for every long exposure.' },
          {
            text: 'No',
            then: 'Light gets in between sheet and lens: turn the gasket’s side to the lens, shade the holder from the side of the sun.',
          },
        ],
      };
    case 'spots':
      return {
        question: 'Do they move when the sheet is moved?',
        answers: [
          { text: 'Yes', then: 'They are on the sheet: wipe it, dry last.' },
          { text: 'No', then: 'They are on the lens or the sensor: clean the front; the sensor at home.' },
        ],
      };
    case 'dull':
      return {
        question: 'Is there blue between the clouds?',
        answers: [
          { text: 'Yes', then: 'A polariser first, where the sun stands at your side.' },
          { text: 'No', then: 'Only a stronger sheet, on purpose; its price shows in the reflection.' },
        ],
      };
    default:
      return null;
  }
}
