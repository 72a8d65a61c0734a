import { useEffect } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { KEYS } from '@/ui/keys';
import { useFrameCommands, useGlassCommands, useOutCommands, useReadCommands } from './commands';
import { useSession } from './session';

/** The keys of a stand's screen, and what of it can be done from the palette. It draws nothing, so that it wakes nobody. */
export function StandKeys(): null {
  useOutCommands();
  useGlassCommands();
  useFrameCommands();
  useReadCommands();
  const setBare = useSession((s) => s.setBare);
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
