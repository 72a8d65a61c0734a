export { type DrawnMark, drawnMarks, keptApart } from './drawn-marks';
export { Ladder } from './ladder';
export {
  LADDER_HEIGHT,
  LADDER_ROWS,
  type LadderData,
  ladderDomain,
  type LadderExposure,
  type LadderMark,
  type LadderScale,
  ladderScale,
  type LadderStretch,
  TAG_HALF,
  tagX,
} from './layout';
