/** Keys that work on the thing that has the focus. */
export const KEYS_OF_THINGS = [
  {
    title: 'On a reading, a point of the skyline or a corner of a shape',
    keys: [
      { keys: '← ↑ → ↓', name: 'Move it by half a per cent; with Shift by five' },
      { keys: 'Enter', name: 'Select it; on the skyline and on a shape, add a point after it' },
      { keys: 'Delete', name: 'Remove it' },
    ],
  },
  {
    title: 'On the sheet in the holder',
    keys: [
      { keys: '↑ ↓', name: 'Slide it by half a millimetre; with Shift by five' },
      { keys: '← →', name: 'Turn it by a quarter of a degree; with Shift by two and a half' },
    ],
  },
  {
    title: 'On the ladder of light',
    keys: [
      {
        keys: '← →',
        name: 'On the exposure: a third of a stop, with Shift a stop; on what is kept: a tenth',
      },
      { keys: 'Enter', name: 'Type the time or what is kept; on a mark, show its readings' },
      { keys: 'Delete', name: 'The exposure back to what was worked out' },
    ],
  },
  {
    title: 'In Expose',
    keys: [{ keys: 'Space', name: 'Open the shutter’s countdown; while it runs, closed' }],
  },
  {
    title: 'In a field',
    keys: [
      { keys: 'Enter', name: 'Take what is typed' },
      { keys: 'Escape', name: 'Back to the value that holds' },
    ],
  },
] as const;
