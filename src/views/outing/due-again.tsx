import { OUTING_TEXT } from '@/words';
import { hourOf } from '@/model/outing';
import { useOuting } from './use-outing';

/** What was to be come back for at this place, and is there on this day. */
export function DueAgainPart() {
  const { outing, day } = useOuting();
  if (!day?.due.length) return null;
  return (
    <section aria-label="Come back for" role="status" className="border-l-4 border-action pl-3">
      {day.due.map(({ place, wish, atMs }) => (
        <p key={wish.id}>
          {OUTING_TEXT.youWantedComeBack} {place.name || 'this place'}
          {wish.note ? ` for ${wish.note}` : ''}: from {hourOf(atMs, outing.zone)} {OUTING_TEXT.onThisDayIt}
        </p>
      ))}
    </section>
  );
}
