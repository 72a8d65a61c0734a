import { useSyncExternalStore } from 'react';

/** A voice that is on the device: one that speaks from elsewhere would send the words away. */
function ownVoice(): SpeechSynthesisVoice | null {
  const voices = globalThis.speechSynthesis?.getVoices().filter((v) => v.localService) ?? [];
  return voices.find((v) => v.lang.startsWith('en')) ?? voices[0] ?? null;
}

/** The device's own voice, once its list is there; null where there is none. */
export function useOwnVoice(): SpeechSynthesisVoice | null {
  return useSyncExternalStore((changed) => {
    const speech = globalThis.speechSynthesis;
    speech?.addEventListener('voiceschanged', changed);
    return () => speech?.removeEventListener('voiceschanged', changed);
  }, ownVoice);
}

/** Says something at once, in place of what is being said. */
export function speak(text: string, voice: SpeechSynthesisVoice): void {
  const speech = new SpeechSynthesisUtterance(text);
  speech.voice = voice;
  speechSynthesis.cancel();
  speechSynthesis.speak(speech);
}
