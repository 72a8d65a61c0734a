/** What stand/canvas says in whole sentences. */
export const CANVAS_TEXT = {
  arrowKeysMove0: 'Arrow keys move it, 0 shows the whole frame',
  levelThroughAxisLine: (step: number) => `level through the axis; a line each ${step}°`,
  frameWouldRecorded: (what: string, name: string) => `The frame as it would be recorded${what}: ${name}`,
  newReadingArrowKeys: (role: string, onPicture: boolean) =>
    `New ${role} reading: arrow keys move it${onPicture ? ', Enter takes it from the picture' : ''}`,
  cornerArrowKeysMove: (what: number, length: number, id: string) =>
    `Corner ${what} of ${length} of ${id}: arrow keys move it, Enter adds one after it, Delete removes it`,
  browserDidNotGive:
    'The browser did not give this page the camera. Allow it in the browser’s own settings for this page, or choose a file.',
  noCameraAnsweredDevice: 'No camera answered on this device. Choose a file in its place.',
  dottedFrame: ' It is dotted in the frame.',
};
