import { SETTINGS_TEXT } from '@/words';
import { prefer } from '@/store';
import { beep, wakeSound } from '@/ui/beep';
import { Check } from '@/ui/check';
import { useOwnVoice } from '@/ui/voice';
import { usePreferences } from '../shared/workspace-context';
import { Wish } from './wish';

const VOLUMES = [
  { value: '0', text: 'Off' },
  { value: '0.2', text: 'Low' },
  { value: '0.5', text: 'Middle' },
  { value: '1', text: 'Loud' },
] as const;
type Volume = (typeof VOLUMES)[number]['value'];

/** How the countdown makes itself heard, and how a dense ND goes on. */
export function ExposePart() {
  const { volume, vibrates, speaksMinutes, ndGoes } = usePreferences((p) => p);
  const voice = useOwnVoice();
  return (
    <section aria-labelledby="exposing" className="space-y-3">
      <h2 id="exposing" className="text-lg font-semibold">
        Exposing
      </h2>
      <Wish<Volume>
        label="Sound of the countdown"
        value={VOLUMES.find(({ value }) => Number(value) === volume)?.value ?? '0.5'}
        options={VOLUMES}
        onValue={(next) => {
          prefer({ volume: Number(next) });
          wakeSound();
          beep(Number(next), 440, 0.15);
        }}
      >
        {SETTINGS_TEXT.lastThreeSecondsEnd}
      </Wish>
      <div>
        {'vibrate' in navigator && (
          <Check isOn={vibrates} onChange={(on) => prefer({ vibrates: on })}>
            The device shakes with them
          </Check>
        )}
        {voice && (
          <Check isOn={speaksMinutes} onChange={(on) => prefer({ speaksMinutes: on })}>
            {SETTINGS_TEXT.minutesLeftSpokenVoice}
          </Check>
        )}
      </div>
      <Wish
        label="Dense ND"
        value={ndGoes}
        options={[
          { value: 'last', text: 'Goes on last' },
          { value: 'lifted', text: 'Lifted out, put back' },
        ]}
        onValue={(ndGoes) => prefer({ ndGoes })}
      >
        {SETTINGS_TEXT.denseNdGoesLast}
      </Wish>
    </section>
  );
}
