import { focusHelp } from '@/model';
import { focusCautions, focusText, FRAME_TEXT } from '@/words';
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
        {FRAME_TEXT.hyperfocalDistanceFBlur(stand.exposure.aperture, help.confusionMm.toFixed(3))}
      </p>
    </section>
  );
}
