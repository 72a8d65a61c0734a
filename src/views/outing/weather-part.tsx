import { type Outing } from '@/model/outing';
import { WINDS } from '@/model';
import { AIRS, CLOUDS, PLANNED_RISKS, RAINS } from '@/model/outing';
import { Check } from '@/ui/check';
import { Segmented } from '@/ui/segmented';
import { WIND_NAMES } from '@/words';
import { AIR_NAMES, CLOUD_NAMES, RAIN_NAMES, RISK_NAMES, weatherFollows } from '@/words/outing';
import { useOuting } from './use-outing';

/** Wind, cloud, rain and air as they are expected, and what follows from them; what of the place can hurt. */
export function WeatherPart() {
  const { outing, edit } = useOuting();
  const { weather = {} } = outing;
  const set = (change: Partial<NonNullable<Outing['weather']>>) =>
    edit((o) => ({ ...o, weather: { ...o.weather, ...change } }));
  const follows = weatherFollows(weather);
  return (
    <section aria-labelledby="weather" className="space-y-3">
      <h2 id="weather" className="text-lg font-semibold">
        Weather, by a forecast
      </h2>
      <Segmented
        label="Sky"
        value={weather.cloud ?? ''}
        columns={2}
        options={CLOUDS.map((value) => ({ value, text: CLOUD_NAMES[value] }))}
        onValue={(cloud) => cloud && set({ cloud })}
      />
      <Segmented
        label="Wind"
        value={weather.wind ?? ''}
        options={WINDS.map((value) => ({ value, text: WIND_NAMES[value] }))}
        onValue={(wind) => wind && set({ wind })}
      />
      <Segmented
        label="Rain"
        value={weather.rain ?? ''}
        columns={2}
        options={RAINS.map((value) => ({ value, text: RAIN_NAMES[value] }))}
        onValue={(rain) => rain && set({ rain })}
      />
      <Segmented
        label="Air"
        value={weather.air ?? ''}
        options={AIRS.map((value) => ({ value, text: AIR_NAMES[value] }))}
        onValue={(air) => air && set({ air })}
      />
      {follows.length > 0 && (
        <ul className="space-y-1.5 text-sm" aria-label="What follows from it">
          {follows.map((text) => (
            <li key={text}>{text}</li>
          ))}
        </ul>
      )}
      <Risks />
    </section>
  );
}

/** What of the place can hurt. */
function Risks() {
  const { outing, edit } = useOuting();
  return (
    <fieldset>
      <legend className="text-sm text-quiet">At this place there is</legend>
      {PLANNED_RISKS.map((risk) => (
        <Check
          key={risk}
          isOn={outing.risks?.includes(risk) ?? false}
          onChange={(on) =>
            edit((o) => {
              const risks = on ? [...(o.risks ?? []), risk] : (o.risks ?? []).filter((r) => r !== risk);
              return { ...o, risks: risks.length ? risks : undefined };
            })
          }
        >
          {RISK_NAMES[risk]}
        </Check>
      ))}
    </fieldset>
  );
}
