import { OUTING_TEXT } from '@/words';
import { isZone } from '@/model/outing';
import { type Parsed, ParsedField } from '@/ui/field';
import { NameField } from '../shared/name-field';
import { parseClock } from '../shared/parse';
import { QuantityField } from '../shared/quantity-field';
import { PlaceChoice } from './place-choice';
import { useOuting } from './use-outing';

/** Name, day, zone, place, and when the walk in begins. */
export function WhenAndWhere() {
  const { outing, edit } = useOuting();
  return (
    <section aria-labelledby="when" className="space-y-3">
      <h2 id="when" className="text-lg font-semibold">
        When and where
      </h2>
      <NameField name={outing.name} onName={(name) => edit((o) => ({ ...o, name }))} />
      <DayField />
      <ParsedField
        label="Its hours are those of"
        text={outing.zone}
        parse={parseZone}
        onValue={(zone) => edit((o) => ({ ...o, zone }))}
        {...(isZone(outing.zone) ? {} : { hint: OUTING_TEXT.zoneNotKnownHours })}
      />
      <PlaceChoice />
      <div className="grid grid-cols-2 gap-3">
        <ParsedField<string | undefined>
          label="Walk in begins"
          text={outing.startsAt ?? ''}
          placeholder="05:10"
          inputMode="numeric"
          parse={(text) => (text.trim() ? parseClock(text) : { ok: true, value: undefined })}
          onValue={(startsAt) => edit((o) => ({ ...o, startsAt }))}
        />
        <QuantityField
          label="Walk out"
          quantity="planMinutes"
          unit="min"
          optional
          value={outing.walkOutMinutes}
          onValue={(walkOutMinutes) => edit((o) => ({ ...o, walkOutMinutes }))}
        />
      </div>
    </section>
  );
}

function DayField() {
  const { outing, edit } = useOuting();
  return (
    <div>
      <label htmlFor="outing-day" className="mb-1 block text-sm text-quiet">
        Day
      </label>
      <input
        id="outing-day"
        type="date"
        value={outing.day}
        onChange={(e) => {
          const day = e.target.value;
          if (/^\d{4}-\d{2}-\d{2}$/.test(day)) edit((o) => ({ ...o, day }));
        }}
        className="min-h-11 w-full rounded-md border border-edge bg-panel px-2.5 font-mono"
      />
    </div>
  );
}

function parseZone(text: string): Parsed<string> {
  const zone = text.trim();
  return isZone(zone) ? { ok: true, value: zone } : { ok: false, error: OUTING_TEXT.zoneNameSuchEurope };
}
