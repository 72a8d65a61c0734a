import { useEffect, useState } from 'react';
import { type Place } from '@/model';
import { prefer } from '@/store';
import { useTheme } from '@/ui/theme';
import { clockText, SETTINGS_TEXT } from '@/words';
import { PlaceInputs } from '../shared/place-inputs';
import { usePreferences } from '../shared/workspace-context';

/** The device's own place is kept to a hundredth of a degree, about a kilometre: enough for the sun, and no more than that. */
const PARTS_OF_DEGREE = 100;

/** Where the photographer is, for sunrise and sunset. */
export function PlaceFields() {
  const place = usePreferences((p) => p.place);
  const mode = useTheme((t) => t.mode);
  return (
    <section aria-labelledby="place" className="space-y-3">
      <h2 id="place" className="text-lg font-semibold">
        Place
      </h2>
      <p className="text-quiet">{SETTINGS_TEXT.sunriseSunsetFirstGuess}</p>
      <PlaceInputs
        place={place}
        partsOfDegree={PARTS_OF_DEGREE}
        onPlace={(chosen) => prefer({ place: chosen })}
      />
      {place && <SunNext place={place} />}
      {mode === 'sun' && !place && <p role="status">{SETTINGS_TEXT.placeNotKnownYet}</p>}
    </section>
  );
}

/** The next sunrise or sunset, so that a mistyped place is seen. */
function SunNext({ place }: { place: Place }) {
  const [text, setText] = useState('');
  useEffect(() => {
    let isHere = true;
    void import('@/core/sky/sun-altitude').then(({ isSunUp, nextSunCrossingMs }) => {
      if (!isHere) return;
      const now = Date.now();
      const up = isSunUp(place, now);
      const next = nextSunCrossingMs(place, now);
      setText(
        next === null
          ? SETTINGS_TEXT.sunStaysTwoDays(up ? 'up' : 'down')
          : SETTINGS_TEXT.sunDevicesClock(up ? 'up, and sets' : 'down, and rises', clockText(next)),
      );
    });
    return () => {
      isHere = false;
    };
  }, [place]);
  return <p className="text-quiet">{text}</p>;
}
