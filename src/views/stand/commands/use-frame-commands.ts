import { useMemo } from 'react';
import { type Command, useCommands } from '@/ui/commands';
import { useLookCloser } from '../canvas/zoom/use-look-closer';
import { WHOLE, ZOOM_STEP } from '../session/zoom';
import { useFrameLook, useSession } from '../session';

/** How the frame is shown, and how closely. */
export function useFrameCommands(): void {
  const { isMonochrome, setMonochrome, marksClips, setMarksClips, showsGrid, setShowsGrid } = useFrameLook();
  const setZoom = useSession((s) => s.setZoom);
  const lookCloser = useLookCloser();
  const commands = useMemo(
    (): Command[] => [
      {
        name: isMonochrome ? 'Show the frame with colours' : 'Show the frame without colours',
        also: 'monochrome black and white',
        run: () => setMonochrome(!isMonochrome),
      },
      {
        name: marksClips ? 'Unmark what clips' : 'Mark what clips',
        also: 'blown black',
        run: () => setMarksClips(!marksClips),
      },
      {
        name: showsGrid ? 'Take the level grid away' : 'Level grid over the frame',
        also: 'horizon lines',
        run: () => setShowsGrid(!showsGrid),
      },
      {
        name: 'Look closer',
        also: 'zoom larger',
        keys: '+',
        otherKeys: ['='],
        run: () => lookCloser(ZOOM_STEP),
      },
      { name: 'Look from farther', also: 'zoom smaller', keys: '-', run: () => lookCloser(1 / ZOOM_STEP) },
      { name: 'Whole frame', also: 'zoom back', keys: '0', run: () => setZoom(() => WHOLE) },
    ],
    [isMonochrome, setMonochrome, marksClips, setMarksClips, showsGrid, setShowsGrid, lookCloser, setZoom],
  );
  useCommands('The frame', commands);
}
