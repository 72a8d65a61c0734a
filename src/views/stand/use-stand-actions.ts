import { useMemo, useSyncExternalStore } from 'react';
import { toast } from 'sonner';
import { slipSentence } from '@/words';
import { useFromStand } from '../shared/use-from-stand';
import { useOpenStand, useStand } from './session';

/** What can be done with a stand that is no edit of it. */
export interface StandActions {
  /** The slip as a sentence, to the clipboard. */
  readonly copy: () => void;
  /** Null where the device has no voice of its own. */
  readonly readAloud: (() => void) | null;
  /** Null where the platform has no share sheet. */
  readonly share: (() => void) | null;
  /** Goes on to the next framing from the same place. */
  readonly goOn: () => void;
  readonly exportFile: () => void;
  /** The stand and its picture in one file. */
  readonly exportBundle: () => Promise<void>;
}

/** The device's own voice, once its list is there; null where there is none. */
function useOwnVoice(): SpeechSynthesisVoice | null {
  return useSyncExternalStore((changed) => {
    const speech = globalThis.speechSynthesis;
    speech?.addEventListener('voiceschanged', changed);
    return () => speech?.removeEventListener('voiceschanged', changed);
  }, ownVoice);
}

/** A voice that is on the device: one that speaks from elsewhere would send the words away. */
function ownVoice(): SpeechSynthesisVoice | null {
  const voices = globalThis.speechSynthesis?.getVoices().filter((v) => v.localService) ?? [];
  return voices.find((v) => v.lang.startsWith('en')) ?? voices[0] ?? null;
}

export function useStandActions(): StandActions {
  const { kept, slip } = useOpenStand();
  const from = useFromStand(useStand((s) => s.id));
  const voice = useOwnVoice();
  return useMemo(() => {
    const sentence = () => slipSentence(slip.getState());
    const name = () => kept.state.getState().value.stand.name;
    const text = () => `${name()}: ${sentence()}`;
    return {
      copy: () => void copy(text()),
      readAloud: voice
        ? () => {
            const speech = new SpeechSynthesisUtterance(sentence());
            speech.voice = voice;
            speechSynthesis.cancel();
            speechSynthesis.speak(speech);
          }
        : null,
      share: 'share' in navigator ? () => void share(name(), text()) : null,
      ...from,
    };
  }, [kept, slip, voice, from]);
}

async function copy(text: string): Promise<void> {
  try {
    await navigator.clipboard.writeText(text);
    toast('The slip is copied.');
  } catch {
    // without a secure page there is no clipboard: the text can be taken by hand
    toast('Copying is not possible here. The slip says:', { description: text, duration: 30_000 });
  }
}

async function share(title: string, text: string): Promise<void> {
  try {
    await navigator.share({ title, text });
  } catch (error) {
    if ((error as Error).name !== 'AbortError') await copy(text);
  }
}
