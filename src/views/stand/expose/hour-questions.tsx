import { useState } from 'react';
import { SKY_STATES, type SkyState, type Stand } from '@/model';
import { prefer } from '@/store';
import { Button } from '@/ui/button';
import { Check } from '@/ui/check';
import { compassIsThere, readCompass } from '@/ui/compass';
import { ParsedField } from '@/ui/field';
import { Fold } from '@/ui/fold';
import { Segmented } from '@/ui/segmented';
import { clockText, SKY_STATE_NAMES, EXPOSE_TEXT } from '@/words';
import { parseClock } from '../../shared/parse';
import { PlaceInputs } from '../../shared/place-inputs';
import { QuantityField } from '../../shared/quantity-field';
import { useEdit, useStand } from '../session';
import { useHourPlace, useHourStart } from './use-hour';

/** What the forecast asks once: how the sky is, where the frame looks, whether the sun reaches the land, and the place. */
export function HourQuestions() {
  const { coming } = useStand();
  const viewAzimuthDeg = useStand((s) => s.look.viewAzimuthDeg);
  const place = useHourPlace();
  const edit = useEdit();
  const set = (change: Stand['coming']) => edit((s) => ({ ...s, coming: { ...s.coming, ...change } }));
  const isKnown = place !== null && coming?.sky !== undefined && viewAzimuthDeg !== undefined;
  return (
    <>
      <Segmented<SkyState | ''>
        label="The sky is"
        value={coming?.sky ?? ''}
        options={SKY_STATES.map((value) => ({ value, text: SKY_STATE_NAMES[value] }))}
        onValue={(sky) => sky && set({ sky })}
      />
      <Fold
        open={!isKnown}
        summary={isKnown ? EXPOSE_TEXT.directionSunLandPlace : EXPOSE_TEXT.asksOnceDirectionSun}
      >
        <div className="space-y-2 pb-2">
          <Direction />
          <Check isOn={coming?.landLit !== false} onChange={(landLit) => set({ landLit })}>
            {EXPOSE_TEXT.sunReachesLandWhile}
          </Check>
          <LitUntil />
          {!place && <PlaceInputs place={place} onPlace={(chosen) => prefer({ place: chosen })} />}
        </div>
      </Fold>
    </>
  );
}

/** When a hill takes the sun from the land, before the horizon does: a time of day within half a day of the readings. */
function LitUntil() {
  const litUntil = useStand((s) => s.coming?.litUntil);
  const isLit = useStand((s) => s.coming?.landLit !== false);
  const fromMs = useHourStart();
  const edit = useEdit();
  if (!isLit) return null;
  return (
    <ParsedField<string | undefined>
      label={EXPOSE_TEXT.hillTakesSunLand}
      inputMode="text"
      placeholder="when it sets"
      text={litUntil === undefined ? '' : clockText(litUntil)}
      parse={(text) => {
        if (!text.trim()) return { ok: true, value: undefined };
        const clock = parseClock(text);
        return clock.ok ? { ok: true, value: nextClock(fromMs, clock.value) } : clock;
      }}
      onValue={(at) =>
        edit((s) => {
          const { litUntil: _, ...coming } = s.coming ?? {};
          return { ...s, coming: at === undefined ? coming : { ...coming, litUntil: at } };
        })
      }
    />
  );
}

/** The next time after a moment that the clocks show an hour and a minute, ISO 8601. */
function nextClock(fromMs: number, clock: string): string {
  const [hour = 0, minute = 0] = clock.split(':').map(Number);
  const at = new Date(fromMs);
  at.setHours(hour, minute, 0, 0);
  if (at.getTime() < fromMs) at.setDate(at.getDate() + 1);
  return at.toISOString();
}

/** Where the frame looks: typed, or by the device's compass. */
function Direction() {
  const viewAzimuthDeg = useStand((s) => s.look.viewAzimuthDeg);
  const edit = useEdit();
  const [fault, setFault] = useState<string | null>(null);
  const set = (azimuth: number | undefined) =>
    edit((s) => ({ ...s, look: { ...s.look, viewAzimuthDeg: azimuth } }));
  const take = async () => {
    const heading = await readCompass();
    setFault(heading === null ? EXPOSE_TEXT.noHeadingCameType : null);
    if (heading !== null) set(Math.round(heading) % 360);
  };
  return (
    <div className="flex flex-wrap items-end gap-2">
      <QuantityField
        label="The frame looks towards"
        quantity="azimuthDeg"
        unit="°"
        optional
        value={viewAzimuthDeg}
        placeholder="0 = N, 90 = E"
        onValue={set}
      />
      {compassIsThere() && <Button onClick={() => void take()}>By the compass</Button>}
      {fault && <p className="w-full text-sm">{fault}</p>}
    </div>
  );
}
