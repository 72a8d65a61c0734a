import { SETTINGS_TEXT } from '@/words';
import { Segmented } from '@/ui/segmented';
import { type ThemeMode, useTheme } from '@/ui/theme';
import { AboutPart } from './about-part';
import { BackupPart } from './backup-part';
import { DevicePart } from './device-part';
import { ExposePart } from './expose-part';
import { JournalPart } from './journal-part';
import { PlaceFields } from './place-fields';
import { UsualPart } from './usual-part';

const MODES: readonly { value: ThemeMode; text: string }[] = [
  { value: 'noon', text: 'Noon' },
  { value: 'dusk', text: 'Dusk' },
  { value: 'system', text: 'As the device' },
  { value: 'sun', text: 'By the sun' },
];

/** What holds for this device: the theme, the place, and where the work is kept. */
export function SettingsPage() {
  const { mode, setMode } = useTheme();
  return (
    <div className="relative h-full overflow-y-auto">
      <title>Settings · Pale Seam</title>
      <div className="mx-auto max-w-2xl space-y-8 px-4 py-6 desk:px-8">
        <h1 className="text-2xl font-semibold">Settings</h1>
        <section aria-labelledby="theme" className="space-y-3">
          <h2 id="theme" className="text-lg font-semibold">
            Noon and Dusk
          </h2>
          <Segmented label="Theme" columns={2} value={mode} options={MODES} onValue={setMode} />
          <p className="text-quiet">{SETTINGS_TEXT.noonLightSunScreen}</p>
        </section>
        <UsualPart />
        <ExposePart />
        <PlaceFields />
        <BackupPart />
        <DevicePart />
        <JournalPart />
        <AboutPart />
      </div>
    </div>
  );
}
