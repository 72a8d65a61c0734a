import { EXPOSE_TEXT } from '@/words';
import { useEffect, useMemo, useState } from 'react';
import { comingHour, type ComingHour } from '@/model/expose';
import { momentOf, type Place, RECORD_AFTER_MINUTES, throughLight } from '@/model';
import { usePreferences } from '../../shared/workspace-context';
import { useAnswer, useDerived, useMinute, useStand, useStandBag } from '../session';

type Sun = typeof import('@/core/sky/sun-altitude');

/** The astronomy, which is loaded only where it is asked for; null until it is there. */
function useSun(): Sun | null {
  const [sun, setSun] = useState<Sun | null>(null);
  useEffect(() => {
    let isOver = false;
    void import('@/core/sky/sun-altitude').then((loaded) => {
      if (!isOver) setSun(loaded);
    });
    return () => {
      isOver = true;
    };
  }, []);
  return sun;
}

/** Where the sun is reckoned for: the stand's place, else the photographer's. */
export function useHourPlace(): Place | null {
  const own = usePreferences((p) => p.place);
  return useStand((s) => s.place) ?? own;
}

export interface HourNow {
  /** Null while something is not known that it needs. */
  readonly hour: ComingHour | null;
  /** What was read is of another day: the hour is the one after it. */
  readonly isRecord: boolean;
  /** What it needs before it can be told. */
  readonly lacks: string | null;
}

/** When the hour begins: now, or where what was read is of another day, as the last of it was read. */
function useStart(): { readonly fromMs: number; readonly isRecord: boolean } {
  const stand = useStand();
  const minute = useMinute();
  // readings that do not say when they were taken are of the stand's own moment
  const lights = [...stand.readings, throughLight(stand)];
  const taken = lights.flatMap((light) => light?.takenAt ?? []);
  const lastMs = Math.max(...(taken.length ? taken : [momentOf(stand)]).map((at) => Date.parse(at)));
  const isRecord = minute - lastMs >= RECORD_AFTER_MINUTES * 60_000;
  return { fromMs: isRecord ? lastMs : minute, isRecord };
}

export const useHourStart = (): number => useStart().fromMs;

/** The coming hour of the stand: from now, or where its readings are a record, from the last of them. */
export function useHour(): HourNow {
  const stand = useStand();
  const bag = useStandBag();
  const derived = useDerived();
  const carry = useAnswer((a) => a.carry);
  const place = useHourPlace();
  const sun = useSun();
  const { fromMs, isRecord } = useStart();
  const { coming, look } = stand;
  const sky = coming?.sky;
  const isRead = stand.readings.length > 0 || derived.through !== null;
  const hour = useMemo(() => {
    if (!sky || !place || !sun || !isRead) return null;
    return comingHour({
      stand,
      bag,
      derived,
      carry,
      nowMs: fromMs,
      sky: {
        sky,
        viewAzimuthDeg: look.viewAzimuthDeg ?? null,
        landLit: coming.landLit ?? true,
        litUntilMs: coming.litUntil === undefined ? null : Date.parse(coming.litUntil),
        sunAt: (atMs) => sun.trueSunDirection(place, atMs),
      },
    });
  }, [stand, bag, derived, carry, sky, coming, look.viewAzimuthDeg, place, sun, fromMs, isRead]);
  const lacks = !isRead
    ? EXPOSE_TEXT.goesOutReadingTake
    : !place
      ? EXPOSE_TEXT.needsPlaceSun
      : !sky
        ? 'Say how the sky is.'
        : null;
  return { hour, isRecord, lacks };
}
