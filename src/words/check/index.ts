export { remedyText } from './remedies';
export { changesText, type ChangesText } from './differences';
export {
  adviceText,
  causeQuestion,
  muchText,
  seenText,
  SIGHT_GROUPS,
  sightOfText,
  sightWords,
} from './sights';
export { departureText, takeGlassText, takeSettingsText, VERDICT_NAMES } from './takes';
export { histogramText } from './histogram';
export { DISTURBANCE_NAMES, REDONE_NAMES } from './redo';
export { fileSays } from './file';
