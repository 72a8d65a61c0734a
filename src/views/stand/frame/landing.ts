import { useEffect } from 'react';
import { type Assumable } from '@/model';
import { useSession } from '../session';

const idOf = (part: Assumable): string => `frame-${part}`;

/** Marks what a link to a part of the frame's step lands on. */
export const frameLanding = (part: Assumable) => ({ id: idOf(part) });

/** Brings a part of the open step into sight, unfolds it, and puts the focus on its first field. */
function landOn(part: Assumable): void {
  const place = document.getElementById(idOf(part));
  if (!place) return;
  if (place instanceof HTMLDetailsElement) place.open = true;
  place.scrollIntoView({ block: 'start' });
  place.querySelector<HTMLElement>('input, select, button, summary')?.focus({ preventScroll: true });
}

/** Lands where the link into the step leads, once the step is drawn. */
export function useLanding(): void {
  const landing = useSession((s) => s.landing);
  useEffect(() => {
    if (landing) landOn(landing);
  }, [landing]);
}
