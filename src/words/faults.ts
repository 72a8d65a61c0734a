import { type NoPlan } from '@/core/balance';
import { type CannotPrepare, type Warning } from '@/model';
import { listText, mmFigure } from './figures';

/** Why there is no plan, and what would help. */
export function faultText(fault: NoPlan | CannotPrepare): string {
  switch (fault.reason) {
    case 'no-sky-reading':
      return 'No sky reading yet. Meter the sky.';
    case 'no-land-reading':
      return 'No land reading yet. Meter the land.';
    case 'nothing-to-judge':
      return 'Every part of the frame is marked to be ignored, so there is nothing to judge.';
    case 'no-seam':
      return 'The frame is nearly all sky or all land: there is no seam to lay. A plain ND may be what is wanted, or draw the line within the sky.';
    case 'sky-already-darker':
      return 'The sky is the darker already, so there is nothing for a heavy sky to take. Choose another look.';
    case 'all-sheets-show-edges':
      return `The edge of every sheet would show in this frame. A sheet ${fault.neededWidthMm} mm wide would do, or a longer lens.`;
    case 'look-not-available':
      return 'This look cannot be computed yet. Even, Natural and Heavy can.';
    case 'reading-through-unseated-grad':
      return `Reading ${fault.readingId} was taken through a grad whose seat was not noted, so what the grad took from it is not known. Read it again without the grad.`;
  }
}

/** One sentence for each warning. */
export function warningText(warning: Warning): string {
  switch (warning.code) {
    case 'pupil-estimated':
      return `The distance from pupil to filter is estimated, good to a fifth: the seat is good to ${mmFigure(warning.giveOrTakeMm)} mm. Two test pictures would settle it.`;
    case 'seat-at-bound':
      return 'The seat lies at the end of what a holder can reach; a better one may lie beyond.';
    case 'beam-wider-than-sheet':
      return 'At this aperture and focal length each point of the picture looks through more glass than the sheet has.';
    case 'edge-may-show':
      return 'The edge of the sheet may show in the picture: look along the frame edges.';
    case 'exposure-capped':
      return 'The exposure is held back so that the brightest reading keeps half a stop of room: the land comes out darker than asked.';
    case 'reading-without-place':
      return `${readings(warning.readingIds)} without a place: rough, since the sky overhead can differ from the sky by the horizon by 1 to 2 stops.`;
    case 'no-free-slot':
      return 'What is on the lens leaves no slot for a grad.';
    case 'pairs-not-searched':
      return 'The holder would take two grads; only single sheets are compared so far.';
    case 'features-black':
      return `${readings(warning.readingIds)} of a feature goes black through this glass.`;
    case 'readings-clip':
      return `${readings(warning.readingIds)} falls outside what the sensor holds.`;
  }
}

const readings = (ids: readonly string[]): string =>
  `${ids.length === 1 ? 'Reading' : 'Readings'} ${listText(ids)}`;
