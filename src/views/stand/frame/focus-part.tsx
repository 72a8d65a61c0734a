import { focusHelp } from '@/model';
import { focusCautions, focusText } from '@/words';
import { useStand } from '../session';

/** Where to focus at the working aperture. */
export function FocusPart() {
  const stand = useStand();
  const help = focusHelp(stand);
  return (
    <section aria-label="Focus" className="col-span-2">
      <p className="font-semibold">{focusText(help)}</p>
      {focusCautions(help, stand).map((text) => (
        <p key={text} className="text-sm">
          {text}
        </p>
      ))}
      <p className="text-sm text-quiet">
        Hyperfocal distance at f/{stand.exposure.aperture}, for a blur of {help.confusionMm.toFixed(3)} mm on
        the sensor (its diagonal / 2000).
      </p>
    </section>
  );
}
