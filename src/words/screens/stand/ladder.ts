/** What stand/ladder says in whole sentences. */
export const LADDER_TEXT = {
  arrowKeysStepTenths: 'Arrow keys step tenths of a stop, Enter types',
  sensorFrameFrame: 'on the sensor, frame by frame',
  throughGlassSensor: 'through the glass, on the sensor',
  ladderLightFillsReadings:
    'The ladder of light fills as readings come in: one mark for each role, bare above and through the glass below.',
  arrowKeysStepThirds: 'Arrow keys step thirds of a stop, Enter types a time, Delete puts it back',
};
