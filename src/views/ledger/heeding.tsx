import { BLURS } from '@/model';
import { preferences, prefer } from '@/store';
import { Button } from '@/ui/button';
import { BLUR_NAMES, stopsFigure, timeText, LEDGER_TEXT } from '@/words';
import { usePreferences } from '../shared/workspace-context';

/** What was taken of what was learnt, and the way to be rid of each. */
export function Heeding() {
  const { placementStops, gapStops, liked, forgotten } = usePreferences((p) => p.heeded);
  const change = (next: Partial<ReturnType<typeof preferences.getState>['heeded']>) =>
    prefer({ heeded: { ...preferences.getState().heeded, ...next } });
  const rows = [
    ...(placementStops === null
      ? []
      : [
          {
            text: LEDGER_TEXT.newStandsPlaceLand(stopsFigure(placementStops)),
            rid: () => change({ placementStops: null, placementSince: null }),
          },
        ]),
    ...(gapStops === null
      ? []
      : [
          {
            text: LEDGER_TEXT.newStandsKeepSky(stopsFigure(gapStops)),
            rid: () => change({ gapStops: null }),
          },
        ]),
    ...BLURS.flatMap((blur) => {
      const seconds = liked[blur];
      if (seconds === undefined) return [];
      const { [blur]: _, ...others } = liked;
      return [
        { text: `${BLUR_NAMES[blur]}: ${timeText(seconds)} first`, rid: () => change({ liked: others }) },
      ];
    }),
    ...(forgotten.length
      ? [
          {
            text: `${forgotten.length} ${forgotten.length === 1 ? 'lesson is' : 'lessons are'} forgotten`,
            rid: () => change({ forgotten: [] }),
          },
        ]
      : []),
  ];
  if (!rows.length) return null;
  return (
    <section aria-label="What was taken of it">
      <ul className="border-t border-rule">
        {rows.map(({ text, rid }) => (
          <li key={text} className="flex items-center justify-between gap-3 border-b border-rule py-1">
            {text}
            <Button kind="quiet" onClick={rid}>
              No more
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
