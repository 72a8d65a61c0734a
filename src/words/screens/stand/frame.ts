/** What stand/frame says in whole sentences. */
export const FRAME_TEXT = {
  n0Edge1Other: '0 is at that edge, 1 at the other.',
  theseSensorsOwnNothing: 'These are the sensor’s own: nothing is cut.',
  hyperfocalDistanceFBlur: (aperture: number, confusionMm: string) =>
    `Hyperfocal distance at f/${aperture}, for a blur of ${confusionMm} mm on the sensor (its diagonal / 2000).`,
  mastLeftRidge: 'the mast on the left ridge',
  goBrushingSeveralPieces: 'Go on brushing; of several pieces the largest counts.',
  brushOverFrame: (byTouch: boolean) =>
    `Brush over it in the frame.${byTouch ? '' : ' By keyboard: arrow keys move the brush, Enter paints.'}`,
  drawRoundFrameTap: 'Draw round it in the frame, or tap its corners one after another.',
  drawRoundFrameClick:
    'Draw round it in the frame, or click its corners one after another. By keyboard: arrow keys move the cross, Enter sets a corner.',
  dropPictureFramePaste:
    'Drop a picture on the frame, paste it, or choose one: a test shot, or one of a phone. It stays on this device; a copy of 1600 pixels is kept, the original stays yours.',
  notDeviceOnlyLight:
    'It is not on this device: only its light came with the stand. Choose it again to see it, or bring the stand in with its picture.',
  someLightWentBeyond:
    'Some of its light went beyond what can be kept, and was held to it. Its readings tie it all the same.',
  keptStandEveryFile:
    'Kept in the stand, and so in every file made of it. The first guess of the light is for here.',
  pupilFilterTwoTest: 'Pupil to filter from two test pictures',
  takePictureSlideSheet:
    'Take a picture, slide the sheet by some millimetres, take another, and measure how far the seam moved up or down in the picture.',
  takeMmLensMm: (found: string, focalLengthMm: number) =>
    `Take ${found} mm for this lens at ${focalLengthMm} mm`,
  typeBothKnowDistance: 'Type both to know the distance',
  tameHeldBackLike: 'tame: held back like the sky',
  outlineStandsThroughSkyline:
    'Outline what stands through the skyline or needs its own treatment: a tree, a lit peak, water.',
  liesAboveHeldBack: 'What lies above it is held back. Draw along it in the frame to lay a stretch anew,',
  tapAddPointDrag: 'or tap to add a point; drag a point to move it.',
  clickAddPointDrag:
    'or click to add a point; drag a point to move it, Delete removes it. Arrow keys move the one in focus.',
  heldBackIfNo: 'What is held back, if it is no sky',
  foliageAboveFallWhite: 'foliage above a fall, a white cliff, the upper half of a sky',
  findSkylinePicture: 'Find the skyline in the picture',
};
