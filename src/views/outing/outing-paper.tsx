import { type ReactNode } from 'react';
import { createPortal } from 'react-dom';
import { PAPERS } from '@/core/units';
import { hourOf, lightNear } from '@/model/outing';
import {
  cautionText,
  EVENT_NAMES,
  expectedSpanText,
  missingText,
  outingDayText,
  outingName,
  framingLightText,
  framingName,
  waterText,
  worthText,
} from '@/words/outing';
import { usePageSize } from '../shared/use-page-size';
import { usePreferences } from '../workspace/workspace-context';
import { useOuting } from './use-outing';

const MARGIN_MM = 10;
const NAMED = new Set(['civil-dawn', 'sunrise', 'sunset', 'civil-dusk', 'moonrise', 'moonset']);

/** The outing as a printer has it: hours, framings, cautions and the list to tick; on the screen there is nothing of it. */
export function OutingPaper() {
  const { outing, day, packing } = useOuting();
  const paper = usePreferences((p) => p.paper);
  usePageSize(PAPERS[paper], MARGIN_MM);
  const at = (ms: number) => hourOf(ms, outing.zone);
  const { tides = [] } = outing;
  return createPortal(
    <div className="paper" aria-hidden>
      <article className="text-[10pt] leading-[1.35] text-black">
        <h1 className="text-[16pt] leading-tight font-bold">{outingName(outing)}</h1>
        <p>
          {outingDayText(outing.day)}
          {outing.zone && `, hours of ${outing.zone}`}
        </p>
        {day && (
          <p>
            {day.events
              .filter((e) => NAMED.has(e.kind))
              .map((e) => `${EVENT_NAMES[e.kind]} ${at(e.atMs)}`)
              .join(' · ')}
          </p>
        )}
        {tides.length > 0 && (
          <p>
            Tide{outing.tideTable ? ` by ${outing.tideTable}` : ''}:{' '}
            {tides.map((t) => `${at(Date.parse(t.at))} ${t.heightM.toFixed(1)} m`).join(' · ')}
          </p>
        )}
        {day && day.worth.length > 0 && (
          <Part title="Worth being there for">
            {day.worth.map((w) => (
              <li key={w.atMs}>
                <b>{at(w.atMs)}</b> {worthText(w)}
              </li>
            ))}
          </Part>
        )}
        {day && day.framings.length > 0 && (
          <Part title="Framings">
            {day.framings.map(({ framing, light }, i) => {
              const timed = day.schedule?.framings[i];
              const near = timed && lightNear(light.moments, timed.fromMs);
              return (
                <li key={framing.id}>
                  <b>
                    {timed && `${at(timed.fromMs)}–${at(timed.toMs)} `}
                    {framingName(framing)}
                  </b>
                  :{' '}
                  {[
                    ...framingLightText(light, outing.zone),
                    ...(near ? [expectedSpanText(near.spanStops, near.rangeStops)] : []),
                    ...(light.water ? [waterText(light.water, outing.zone)] : []),
                  ].join(' · ')}
                </li>
              );
            })}
            {day.schedule && (
              <li>
                <b>{at(day.schedule.backMs)}</b> back
              </li>
            )}
          </Part>
        )}
        {day && day.cautions.length > 0 && (
          <Part title="With care">
            {day.cautions.map((c) => (
              <li key={c.what}>{cautionText(c, outing.zone)}</li>
            ))}
            <li>Local tide tables, forecasts, wardens and signs come before anything that is said here.</li>
          </Part>
        )}
        {outing.told && <p className="mt-2">Knows of it: {outing.told}</p>}
        {outing.notes && <p className="mt-2 whitespace-pre-wrap">{outing.notes}</p>}
        {packing.missing.length > 0 && (
          <Part title="Missing">
            {packing.missing.map((m) => (
              <li key={`${m.what} ${m.name}`}>{missingText(m)}</li>
            ))}
          </Part>
        )}
        <h2 className="mt-3 text-[12pt] font-bold">To pack</h2>
        <ul className="columns-3">
          {packing.things.map((thing) => (
            <li key={thing.key} className="flex items-center gap-2 break-inside-avoid">
              <span className="inline-flex size-[3.4mm] shrink-0 items-center justify-center border border-black text-[8pt]">
                {thing.isPacked && '×'}
              </span>
              {thing.name}
            </li>
          ))}
        </ul>
      </article>
    </div>,
    document.body,
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="mt-3 break-inside-avoid">
      <h2 className="text-[12pt] font-bold">{title}</h2>
      <ul>{children}</ul>
    </section>
  );
}
