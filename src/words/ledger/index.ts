export { evidenceText, lessonText } from './lessons';
export { clockOffText, matchedText } from './files';
