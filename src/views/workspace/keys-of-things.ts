/** Keys that work on the thing that has the focus. */
export const KEYS_OF_THINGS = [
  {
    title: WORKSPACE_TEXT.readingPointSkylineCorner,
    keys: [
      { keys: '← ↑ → ↓', name: WORKSPACE_TEXT.moveHalfPerCent },
      { keys: 'Enter', name: WORKSPACE_TEXT.selectSkylineShapeAdd },
      { keys: 'Delete', name: 'Remove it' },
    ],
  },
  {
    title: WORKSPACE_TEXT.sheetHolder,
    keys: [
      { keys: '↑ ↓', name: WORKSPACE_TEXT.slideHalfMillimetreShift },
      { keys: '← →', name: WORKSPACE_TEXT.turnQuarterDegreeShift },
    ],
  },
  {
    title: 'On the ladder of light',
    keys: [
      {
        keys: '← →',
        name: WORKSPACE_TEXT.exposureThirdStopShift,
      },
      { keys: 'Enter', name: WORKSPACE_TEXT.typeTimeKeptMark },
      { keys: 'Delete', name: WORKSPACE_TEXT.exposureBackWorkedOut },
    ],
  },
  {
    title: 'In Expose',
    keys: [{ keys: 'Space', name: WORKSPACE_TEXT.openShuttersCountdownWhile }],
  },
  {
    title: 'In a field',
    keys: [
      { keys: 'Enter', name: 'Take what is typed' },
      { keys: 'Escape', name: WORKSPACE_TEXT.backValueHolds },
    ],
  },
] as const;
import { WORKSPACE_TEXT } from '@/words';
