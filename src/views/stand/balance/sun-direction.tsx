import { useState } from 'react';
import { SUN_SIDES, type SunSide, sunSideOf } from '@/model';
import { Button } from '@/ui/button';
import { Segmented } from '@/ui/segmented';
import { compassIsThere, readCompass } from '@/ui/compass';
import { daylightText, BALANCE_TEXT } from '@/words';
import { QuantityField } from '../../shared/quantity-field';
import { usePreferences } from '../../shared/workspace-context';
import { useStand } from '../session';
import { useLook } from './use-look';

const SUN_NAMES: Record<SunSide, string> = {
  behind: 'Behind me',
  side: 'At the side',
  ahead: 'Ahead',
  hidden: 'Hidden',
};

/** Where the sun stands: said outright, or by directions. */
export function SunDirection() {
  const { look, set } = useLook();
  const side = useStand(sunSideOf);
  const daylight = look.sunAltitudeDeg === undefined ? null : daylightText(look.sunAltitudeDeg);
  return (
    <div className="space-y-3">
      <Segmented<SunSide | ''>
        label="The sun is"
        value={side ?? ''}
        options={SUN_SIDES.map((value) => ({ value, text: SUN_NAMES[value] }))}
        onValue={(sun) => sun && set({ sun, viewAzimuthDeg: undefined })}
      />
      <FromPlaceAndCompass />
      <div className="grid grid-cols-3 gap-2">
        <QuantityField
          label="View towards"
          quantity="azimuthDeg"
          unit="°"
          optional
          value={look.viewAzimuthDeg}
          placeholder="0 = N"
          onValue={(viewAzimuthDeg) => set({ viewAzimuthDeg, sun: undefined })}
        />
        <QuantityField
          label="Sun towards"
          quantity="azimuthDeg"
          unit="°"
          optional
          value={look.sunAzimuthDeg}
          placeholder="0 = N"
          onValue={(sunAzimuthDeg) => set({ sunAzimuthDeg, sun: undefined })}
        />
        <QuantityField
          label="Sun's height"
          quantity="altitudeDeg"
          unit="°"
          optional
          value={look.sunAltitudeDeg}
          placeholder="low"
          onValue={(sunAltitudeDeg) => set({ sunAltitudeDeg })}
        />
      </div>
      {daylight && <p className="text-sm text-quiet">{daylight}</p>}
      <p role="note" className="border-l-2 border-fault pl-2.5 text-sm">
        {BALANCE_TEXT.findSunEyeShadow}
      </p>
    </div>
  );
}

/** The sun by place and clock, where the place is known; the view by the phone's compass, where it has one. */
function FromPlaceAndCompass() {
  const own = usePreferences((p) => p.place);
  const place = useStand((s) => s.place) ?? own;
  const { set } = useLook();
  const [fault, setFault] = useState<string | null>(null);
  const hasCompass = compassIsThere();
  if (!place && !hasCompass) return null;
  const takeSun = async () => {
    if (!place) return;
    // the astronomy is loaded only where it is asked for
    const { sunDirection } = await import('@/core/sky/sun-altitude');
    const sun = sunDirection(place, Date.now());
    set({
      sunAzimuthDeg: Math.round(sun.azimuthDeg) % 360,
      sunAltitudeDeg: Math.round(sun.altitudeDeg * 10) / 10,
      sun: undefined,
    });
  };
  const takeView = async () => {
    const heading = await readCompass();
    setFault(heading === null ? BALANCE_TEXT.noHeadingCameType : null);
    if (heading !== null) set({ viewAzimuthDeg: Math.round(heading) % 360, sun: undefined });
  };
  return (
    <div className="flex flex-wrap items-center gap-2">
      {place && <Button onClick={() => void takeSun()}>{BALANCE_TEXT.sunStandsNow}</Button>}
      {hasCompass && <Button onClick={() => void takeView()}>View by the compass</Button>}
      {hasCompass && <p className="w-full text-sm text-quiet">{fault ?? BALANCE_TEXT.holdPhoneAlongLens}</p>}
    </div>
  );
}
