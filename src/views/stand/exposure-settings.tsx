import { STAND_TEXT } from '@/words';
import { steppedAperture, steppedIso } from '@/core/units';
import { Stepper } from '@/ui/stepper';
import { ApertureField, IsoField } from '../shared/exposure-fields';
import { useEdit, useStand } from './session';

/** The aperture and ISO of the picture, stepped by thirds or typed: they stand here and nowhere else. */
export function ExposureSettings() {
  const { aperture, iso } = useStand((s) => s.exposure);
  const edit = useEdit();
  const set = (change: { aperture?: number; iso?: number }) =>
    edit((s) => ({ ...s, exposure: { ...s.exposure, ...change } }));
  return (
    <div
      role="group"
      aria-label="Aperture and ISO"
      className="col-span-2 grid grid-cols-2 gap-4 border-t border-rule py-2"
    >
      <Stepper
        label="Aperture"
        less={STAND_TEXT.openThirdStop}
        more={STAND_TEXT.stopDownThirdStop}
        onStep={(way) => set({ aperture: steppedAperture(aperture, way) })}
      >
        <ApertureField hideLabel value={aperture} onValue={(next) => set({ aperture: next })} />
      </Stepper>
      <Stepper
        label="ISO"
        less={STAND_TEXT.isoLowerThirdStop}
        more={STAND_TEXT.isoHigherThirdStop}
        onStep={(way) => set({ iso: steppedIso(iso, way) })}
      >
        <IsoField hideLabel value={iso} onValue={(next) => set({ iso: next })} />
      </Stepper>
    </div>
  );
}
