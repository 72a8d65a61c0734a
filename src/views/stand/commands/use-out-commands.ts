import { COMMANDS_TEXT } from '@/words';
import { useMemo } from 'react';
import { type Command, useCommands } from '@/ui/commands';
import { useStand } from '../session';
import { useStandActions } from './use-stand-actions';

/** What becomes of the stand: its slip, its files, its copies, its place in the list. */
export function useOutCommands(): void {
  const { copy, readAloud, share, goOn, card, exportFile, exportBundle, duplicate, putAway, remove } =
    useStandActions();
  const hasPicture = useStand((s) => s.picture !== undefined);
  const commands = useMemo(
    (): Command[] => [
      { name: 'Copy the slip', run: copy },
      ...(readAloud ? [{ name: 'Read the slip aloud', also: 'voice speak', run: readAloud }] : []),
      ...(share ? [{ name: 'Share the slip', run: share }] : []),
      { name: 'Next stand from here', also: 'duplicate framing', run: goOn },
      { name: 'Card of this stand', also: 'print pdf png page', run: card },
      { name: COMMANDS_TEXT.exportStandFile, also: 'save download', run: exportFile },
      ...(hasPicture
        ? [
            {
              name: COMMANDS_TEXT.exportStandPicture,
              also: 'save download bundle',
              run: () => void exportBundle(),
            },
          ]
        : []),
      { name: 'Duplicate this stand', also: 'copy', run: duplicate },
      { name: COMMANDS_TEXT.putStandIntoArchive, also: 'away hide', run: putAway },
      { name: 'Delete this stand', also: 'remove', run: remove },
    ],
    [copy, readAloud, share, goOn, card, exportFile, exportBundle, hasPicture, duplicate, putAway, remove],
  );
  useCommands('This stand', commands);
}
