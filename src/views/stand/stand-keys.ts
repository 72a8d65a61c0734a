import { useCallback, useEffect, useMemo } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { readingToRepeat, type ReadRole } from '@/model';
import { type Command, useCommands } from '@/ui/commands';
import { KEYS } from '@/ui/keys';
import { useReadAgain } from './read/use-read-again';
import { READ_ROLE_NAMES, ROLE_KEYS } from './roles';
import { useLookCloser } from './canvas/zoom/use-look-closer';
import { WHOLE, ZOOM_STEP } from './canvas/zoom/zoom';
import { STEP_TITLES, STEPS, useFrameLook, useSession, useStand } from './session';
import { useStandActions } from './use-stand-actions';

/** The keys of a stand's screen, and what of it can be done from the palette. It draws nothing, so that it wakes nobody. */
export function StandKeys(): null {
  const chosenId = useSession((s) => (s.selection?.kind === 'reading' ? s.selection.id : null));
  const due = useStand((s) => readingToRepeat(s, chosenId));
  const setStep = useSession((s) => s.setStep);
  const setBare = useSession((s) => s.setBare);
  const limit = useSession((s) => s.draft.limit);
  const setDraft = useSession((s) => s.setDraft);
  const { isMonochrome, setMonochrome, marksClips, setMarksClips, showsGrid, setShowsGrid } = useFrameLook();
  const setZoom = useSession((s) => s.setZoom);
  const lookCloser = useLookCloser();
  const { copy, readAloud, share, goOn, exportFile } = useStandActions();
  const againNow = useReadAgain();
  const readAgain = useMemo(() => (due ? () => againNow(due) : null), [due, againNow]);

  const read = useCallback(
    (role: ReadRole) => {
      setStep('read');
      setDraft({ role, again: null });
    },
    [setStep, setDraft],
  );

  const hold = useCallback(() => {
    setStep('read');
    setDraft({ limit: !limit });
  }, [setStep, setDraft, limit]);

  const commands = useMemo(
    (): Command[] => [
      ...STEPS.map((step, i) => ({
        name: STEP_TITLES[step],
        also: 'open step',
        keys: String(i + 1),
        run: () => setStep(step),
      })),
      ...Object.entries(ROLE_KEYS).map(([key, role]) => ({
        name: `Read ${READ_ROLE_NAMES[role].toLowerCase()}`,
        also: 'new reading role',
        keys: key.toUpperCase(),
        run: () => read(role),
      })),
      {
        name: limit ? 'The next reading is to be balanced' : 'The next reading is to be held',
        also: 'limit extremes',
        keys: 'H',
        run: hold,
      },
      ...(readAgain ? [{ name: 'Read a spot again', also: 'drift history', keys: 'A', run: readAgain }] : []),
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
      { name: 'Copy the slip', run: copy },
      ...(readAloud ? [{ name: 'Read the slip aloud', also: 'voice speak', run: readAloud }] : []),
      ...(share ? [{ name: 'Share the slip', run: share }] : []),
      { name: 'Next stand from here', also: 'duplicate framing', run: goOn },
      { name: 'Export this stand to a file', also: 'save download', run: exportFile },
    ],
    [
      setStep,
      read,
      hold,
      readAgain,
      limit,
      isMonochrome,
      setMonochrome,
      marksClips,
      setMarksClips,
      showsGrid,
      setShowsGrid,
      setZoom,
      lookCloser,
      copy,
      readAloud,
      share,
      goOn,
      exportFile,
    ],
  );
  useCommands('This stand', commands);

  useHotkeys('b', () => setBare(true), { ...KEYS, keydown: true });
  useHotkeys('b', () => setBare(false), { ...KEYS, keyup: true, keydown: false });
  // a key that is let go elsewhere is never heard of here
  useEffect(() => {
    const release = () => setBare(false);
    addEventListener('blur', release);
    return () => removeEventListener('blur', release);
  }, [setBare]);
  return null;
}
