/** What stand/bench says in whole sentences. */
export const STAND_BENCH_TEXT = {
  adviceKeptBackUntil:
    'The advice is kept back until you have shot and been told. A sheet is laid along the skyline; move and turn it in Seat.',
  simulatedSceneReadChoose: 'A simulated scene: read it, choose, seat and shoot as you would outside.',
  sceneGoneFrameMeter:
    'The scene is gone from the frame, and with it what the meter could read. Undo brings it back; or begin it again on the bench.',
  simulatedLensFrameBefore: 'On the simulated lens, from the frame before:',
  cameraShowsHistogram: 'What the camera shows, and its histogram.',
  couldNotWorkedOut: 'It could not be worked out. The shot is safe: open the stand again to be told.',
  workingOutExperiencedHand: 'Working out what an experienced hand would have done…',
};
