let context: AudioContext | null = null;

/** Makes ready to sound: browsers allow it from a press of a button alone. */
export function wakeSound(): void {
  if (!('AudioContext' in globalThis)) return;
  context ??= new AudioContext();
  void context.resume();
}

/** A short tone; nothing where sound was never woken, or is not there. */
export function beep(volume: number, hertz: number, seconds: number): void {
  if (!context || volume <= 0) return;
  const tone = context.createOscillator();
  const loudness = context.createGain();
  const now = context.currentTime;
  tone.frequency.value = hertz;
  // an edge that is cut off clicks
  loudness.gain.setValueAtTime(0, now);
  loudness.gain.linearRampToValueAtTime(volume, now + 0.01);
  loudness.gain.linearRampToValueAtTime(0, now + seconds);
  tone.connect(loudness).connect(context.destination);
  tone.start(now);
  tone.stop(now + seconds);
}
