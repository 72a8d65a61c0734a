import { type SheetLack, type StandFault, type Warning } from '@/model';
import { listText, mmFigure, percentText, stopsFigure, stopsText } from '../figures/figures';
import { capital, type Spots, spotNames } from '../figures/spots';

/** Why there is no plan, and what would help. */
export function faultText(fault: StandFault): string {
  switch (fault.reason) {
    case 'no-sky-reading':
      return 'No sky reading yet. Point the camera at the sky.';
    case 'no-land-reading':
      return 'No land reading yet. Point the camera at the land.';
    case 'nothing-to-judge':
      return 'Every part of the frame is marked to be ignored, so there is nothing to judge.';
    case 'no-seam':
      return 'The frame is nearly all sky or all land: there is no seam to lay. A plain ND may be what is wanted, or draw the line within the sky.';
    case 'sky-already-darker':
      return 'The sky is the darker already, so there is nothing for this look to take. Choose another.';
    case 'all-sheets-show-edges':
      return `The edge of every sheet would show in this frame. A sheet ${fault.neededWidthMm} mm wide would do, or a longer lens.`;
    case 'no-sun-direction':
      return 'Where is the sun? Say whether it is behind you, at the side, ahead or hidden.';
    case 'top-even-already':
      return 'The top of this sky is no brighter than the rest, as far as it was read: read it high and low, or let the whole sky be held back again.';
    case 'no-reading':
      return 'No reading yet. Meter the brightest and the darkest part that must keep detail.';
    case 'window-too-small':
      return 'The window between highlight room and shadow room is under half a stop: no bracket covers anything with it. Look at the rooms of the camera.';
  }
}

/** One sentence for each warning. */
export function warningText(warning: Warning, spots: Spots): string {
  const readings = (ids: readonly string[]) => readingsNamed(ids, spots);
  switch (warning.code) {
    case 'guess':
      return 'A rule of thumb by where the sun stands, not a measurement: two spot readings would say.';
    case 'pupil-estimated':
      return `The distance from pupil to filter is estimated, good to a fifth: the seat is good to ${mmFigure(Math.max(0.5, warning.giveOrTakeMm))} mm. Two test pictures would settle it.`;
    case 'seat-at-bound':
      return 'The seat lies at the end of what a holder can reach; a better one may lie beyond.';
    case 'beam-wider-than-sheet':
      return 'At this aperture and focal length each point of the picture looks through more glass than the sheet has.';
    case 'acts-as-nd':
      return `At ${warning.focalLengthMm} mm and this aperture each point looks through more glass than the whole picture spans: any grad acts as an ND here, and darkens the land about as much as the sky. Two frames do what it cannot.`;
    case 'edge-may-show':
      return 'The edge of the sheet may show in the picture: look along the frame edges.';
    case 'corners-dark':
      return `The corners lose ${stopsText(warning.stops)} more behind the ${warning.by}: look at them at full aperture and stopped down.`;
    case 'exposure-capped':
      return 'The exposure is held back so that the brightest reading keeps half a stop of room: the darker side comes out darker than asked.';
    case 'perhaps-the-sun':
      return `${capital(spotNames(spots)(warning.readingId))} is to be held, which puts the darker side more than 2 stops below where it is wanted. Is that the sun itself? No exposure holds the sun: delete the reading, and never look for it through an optical finder.`;
    case 'reading-without-place':
      return `${readings(warning.readingIds)} without a place: rough, since the sky overhead can differ from the sky by the horizon by 1 to 2 stops.`;
    case 'least-not-enough':
      return `No glass of this bag brings everything within one exposure: ${leastShortText(warning, spots)}. A bracket would hold it.`;
    case 'polariser-readings-differ':
      return `${readings(warning.readingIds)} taken ${warning.on ? 'without the polariser that is' : 'through a polariser that is not'} on the lens: what it took is not known. Read again with the lens as it is.`;
    case 'polariser-uneven':
      return `The polariser would take ${stopsText(warning.stops)} more from one part of this sky than from another, and leave a dark band. Turn it back, or leave it off.`;
    case 'variable-cross':
      return `Set so strong, the variable ND can leave a dark cross: at ${warning.focalLengthMm} mm the corners may part from the middle by ${stopsText(warning.stops)}. Up to ${stopsText(warning.evenUpToStops)} it stays even here; a plain ND does at any strength.`;
    case 'iso-below-base':
      return `ISO below base: the sensor gathers no more light than at base, which costs ${stopsText(warning.lostStops)} of highlight room.`;
    case 'noisy':
      return `At ISO ${warning.iso} a mid-grey stands ${Math.round(warning.signalToNoise)} times over its noise: a lower ISO, a wider aperture or a longer time shows more.`;
    case 'darker-than-reflection':
      return `The sky comes out ${stopsText(warning.stops)} darker than still water under it would show it; a still mirror loses only ${stopsFigure(warning.ceilingStops)} there, and the eye knows.`;
    case 'no-grad-at-hand':
      return `${capital(lackText(warning.lacks))}.`;
    case 'features-black':
      return `Gone black through this glass: ${listText(warning.names)}.`;
    case 'picture-blown':
      return `${percentText(warning.part)} of the ${warning.side} is blown in the picture: it is at least that bright, by how much is not known. Read its brightest with the meter, to be held.`;
    case 'picture-black':
      return `${percentText(warning.part)} of the ${warning.side} is black in the picture: it is at most that bright. Read it with the meter.`;
    case 'readings-clip':
      return `${readings(warning.readingIds)} outside what the sensor holds.`;
  }
}

/** What keeps every grad out of the advice, and the way out. */
export function lackText(lacks: SheetLack): string {
  switch (lacks) {
    case 'none-owned':
      return 'the bag has no grad: add those that you own, and they are compared';
    case 'none-along':
      return 'no grad is along today: mark those that are in the bag';
    case 'none-fits':
      return 'no grad that is along has the width that the holder takes: look at both in the bag';
    case 'no-slot':
      return 'what is on the lens leaves no slot for a grad: take an ND off, or say how many slots the holder has';
  }
}

/** What still does not fit under Least glass. */
function leastShortText(
  { printShortStops, readingIds }: Extract<Warning, { code: 'least-not-enough' }>,
  spots: Spots,
): string {
  const short = [
    printShortStops > 0.05 && `the darker side stays ${stopsText(printShortStops)} under what prints well`,
    readingIds.length > 0 &&
      `${listText(readingIds.map(spotNames(spots)))} ${readingIds.length === 1 ? 'goes' : 'go'} black`,
  ].filter((part) => part !== false);
  return short.join(', and ');
}

const readingsNamed = (ids: readonly string[], spots: Spots): string =>
  `${ids.length === 1 ? 'The reading of' : 'The readings of'} ${listText(ids.map(spotNames(spots)))}`;
