import { useId, useMemo } from 'react';
import { type SeamView, seamViews } from '@/model';
import { percentText, seenTrulyText, SEAT_TEXT } from '@/words';
import { atEase, useDerived, useStand } from '../session';

const WIDTH = 78;
const HEIGHT = 60;

/** The line as it looks through the finder wide open, as the picture records it, and stopped down to check it: which tells the truth. */
export const FinderViews = atEase(function FinderViews() {
  const stand = useStand();
  const prepared = useDerived((d) => d.prepared);
  const glass = useDerived((d) => d.inUse);
  const views = useMemo(() => glass && seamViews(stand, prepared, glass), [stand, prepared, glass]);
  if (!views) return null;
  const { open, taking, stoppedDown, openIsAssumed } = views;
  const shown: readonly (readonly [string, SeamView])[] = [
    [`finder wide open${openIsAssumed ? ', assumed' : ''}`, open],
    ['recorded', taking],
    ['stopped down', stoppedDown],
  ];
  return (
    <figure className="border-t border-rule pt-3 text-sm text-quiet">
      <figcaption className="pb-1.5">{SEAT_TEXT.lineWillSeen}</figcaption>
      <ul className="flex gap-3">
        {shown.map(([name, view]) => (
          <li key={name} style={{ width: WIDTH + 26 }}>
            <Line spread={view.spread} isTrue={view.aperture === taking.aperture} />
            <span className="block leading-4">
              {name}, f/{view.aperture}: {percentText(view.spread)} of the height
            </span>
          </li>
        ))}
      </ul>
      <p className="pt-2 text-ink">{seenTrulyText(views)}</p>
    </figure>
  );
});

/** A part of the frame with the line across it, as wide as it is drawn. */
function Line({ spread, isTrue }: { spread: number; isTrue: boolean }) {
  const id = useId();
  // between a tenth and nine tenths of the dimming lies the spread: its ends lie a quarter further out
  const half = Math.min(0.5, 0.62 * spread);
  return (
    <svg width={WIDTH} height={HEIGHT} aria-hidden className="mb-1 block">
      <defs>
        <linearGradient id={id} x1="0" x2="0" y1="0" y2="1">
          <stop offset={0.5 - half} stopColor="var(--glass)" stopOpacity={0.75} />
          <stop offset={0.5 + half} stopColor="var(--glass)" stopOpacity={0.06} />
        </linearGradient>
      </defs>
      <rect width={WIDTH} height={HEIGHT} fill="var(--glass-clear)" />
      <rect width={WIDTH} height={HEIGHT} fill={`url(#${id})`} />
      <rect
        x={0.75}
        y={0.75}
        width={WIDTH - 1.5}
        height={HEIGHT - 1.5}
        fill="none"
        stroke={isTrue ? 'var(--ink)' : 'var(--rule)'}
        strokeWidth={isTrue ? 2 : 1}
      />
    </svg>
  );
}
