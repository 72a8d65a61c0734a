import { useMemo, useSyncExternalStore } from 'react';
import { toast } from 'sonner';
import { oldestReadingMinutes } from '@/model';
import { type Slip, slipOf, slipSentence } from '@/words';
import { useStand } from './stand-context';
import { useNow } from './use-now';

/** The slip of the stand as it is now. */
export function useSlip(): Slip {
  const { stand, derived, search } = useStand();
  const now = useNow();
  return slipOf({ stand, derived, search, oldestMinutes: oldestReadingMinutes(stand, now) });
}

export interface SlipActions {
  readonly copy: () => void;
  /** Null where the device has no voice of its own. */
  readonly readAloud: (() => void) | null;
  /** Null where the platform has no share sheet. */
  readonly share: (() => void) | null;
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

/** What can be done with the slip beside reading it. */
export function useSlipActions(): SlipActions {
  const { stand } = useStand();
  const slip = useSlip();
  const sentence = slipSentence(slip);
  const voice = useOwnVoice();
  return useMemo(() => {
    const text = `${stand.name}: ${sentence}`;
    return {
      copy: () => void copy(text),
      readAloud: voice
        ? () => {
            const speech = new SpeechSynthesisUtterance(sentence);
            speech.voice = voice;
            speechSynthesis.cancel();
            speechSynthesis.speak(speech);
          }
        : null,
      share: 'share' in navigator ? () => void share(stand.name, text) : null,
    };
  }, [stand.name, sentence, voice]);
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
