/** What Pale Seam is made of. */
export function AboutPart() {
  return (
    <section aria-labelledby="about" className="space-y-3">
      <h2 id="about" className="text-lg font-semibold">
        Licences
      </h2>
      <p className="text-quiet">{SETTINGS_TEXT.paleSeamUnderMit}</p>
      <p>
        <a
          href="/licences.txt"
          target="_blank"
          rel="noreferrer"
          className="inline-flex min-h-11 items-center text-action underline underline-offset-2"
        >
          All of these licences
        </a>
      </p>
    </section>
  );
}
import { SETTINGS_TEXT } from '@/words';
