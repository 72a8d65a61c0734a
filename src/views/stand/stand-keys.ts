import { useCallback, useEffect, useMemo } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { readingToRepeat, type ReadRole } from '@/model';
import { type Command, useCommands } from '@/ui/commands';
import { KEYS } from '../shared/keys';
import { useReadAgain } from './read/use-read-again';
import { READ_ROLE_NAMES, ROLE_KEYS } from './roles';
import { useLookCloser } from './canvas/zoom/use-look-closer';
import { WHOLE, ZOOM_STEP } from './canvas/zoom/zoom';
import { STEP_TITLES, STEPS, useKept, useFrameLook, useSession, useStand } from './session';
import { useStandActions } from './use-stand-actions';

/** The keys of a stand's screen, and what of it can be done from the palette. It draws nothing, so that it wakes nobody. */
export function StandKeys(): null {
  const kept = useKept();
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
      { name: 'Undo', keys: 'Ctrl Z', run: () => kept.undo() },
      { name: 'Redo', keys: 'Ctrl Y', run: () => kept.redo() },
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
      { name: 'Look closer', also: 'zoom larger', keys: '+', run: () => lookCloser(ZOOM_STEP) },
      { name: 'Look from farther', also: 'zoom smaller', keys: '-', run: () => lookCloser(1 / ZOOM_STEP) },
      { name: 'Whole frame', also: 'zoom back', keys: '0', run: () => setZoom(() => WHOLE) },
      { name: 'Copy the slip', run: copy },
      ...(readAloud ? [{ name: 'Read the slip aloud', also: 'voice speak', run: readAloud }] : []),
      ...(share ? [{ name: 'Share the slip', run: share }] : []),
      { name: 'Next stand from here', also: 'duplicate framing', run: goOn },
      { name: 'Export this stand to a file', also: 'save download', run: exportFile },
    ],
    [
      kept,
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

  useHotkeys(
    STEPS.map((_, i) => String(i + 1)),
    (_, { keys }) => {
      const step = STEPS[Number(keys?.join('')) - 1];
      if (step) setStep(step);
    },
    KEYS,
  );
  useHotkeys(
    Object.keys(ROLE_KEYS),
    (e) => {
      const role = ROLE_KEYS[e.key.toLowerCase()];
      if (role) read(role);
    },
    KEYS,
  );
  // by what a key writes: where plus and minus lie, and under which other key, differs between keyboards
  useHotkeys(
    '*',
    ({ key, ctrlKey, metaKey, altKey }) => {
      if (ctrlKey || metaKey || altKey) return;
      if (key === '0') setZoom(() => WHOLE);
      if (key === '+' || key === '=') lookCloser(ZOOM_STEP);
      if (key === '-') lookCloser(1 / ZOOM_STEP);
    },
    KEYS,
  );
  useHotkeys('h', () => hold(), KEYS);
  useHotkeys('a', () => readAgain?.(), KEYS);
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
