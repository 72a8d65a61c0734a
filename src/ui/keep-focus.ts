import { useEffect } from 'react';

const TABBABLE =
  'a[href], button:not(:disabled), input:not(:disabled), select, textarea, summary, [tabindex="0"]';
const FIELDS = 'input, select, textarea';
/** A field counts as so many places further away. */
const FIELD_IS_FURTHER = 1000;
/** What a thing that has the focus stands in. */
const GROUPS = 'li, ul, ol, svg[role="group"], section, main';

/** What stands over the page for a while. */
const OVER_PAGE = '[role="menu"], [role="dialog"]';

const tabbableIn = (group: Element): HTMLElement[] =>
  [...group.querySelectorAll<HTMLElement>(TABBABLE)].filter((e) => e.getClientRects().length);

/** The neighbour nearest to a place in a group; one to press before one to type in, where single keys have no meaning. */
function nearest(group: Element, index: number): HTMLElement | null {
  const all = tabbableIn(group);
  const away = (e: HTMLElement) =>
    Math.abs(all.indexOf(e) - index) + (e.matches(FIELDS) ? FIELD_IS_FURTHER : 0);
  // a row's own buttons belong to the row: what goes from beside a list does not lead into one of its rows
  const row = group.closest('li');
  const own = all.filter((e) => group.matches('ul, ol, svg') || e.closest('li') === row);
  return own.reduce<HTMLElement | null>((best, e) => (best && away(best) <= away(e) ? best : e), null);
}

interface Held {
  readonly element: Element;
  /** The groups that it stands in, innermost first, and its place in each. */
  readonly groups: readonly { readonly group: Element; readonly index: number }[];
}

function hold(element: Element): Held {
  const groups: Held['groups'][number][] = [];
  for (let group = element.closest(GROUPS); group; group = group.parentElement?.closest(GROUPS) ?? null)
    groups.push({ group, index: tabbableIn(group).indexOf(element as HTMLElement) });
  return { element, groups };
}

/**
 * Gives the focus to the nearest neighbour when what had it has gone from the page (a reading deleted by key, a row
 * removed, a page left), so that the keyboard goes on from there and not from the top.
 */
export function useKeepFocus(): void {
  useEffect(() => {
    let held: Held | null = null;
    const remember = ({ target }: FocusEvent) => {
      // what opens over the page gives the focus back to where it was; that place is the one to keep
      if (target instanceof Element && !target.closest(OVER_PAGE)) held = hold(target);
    };
    const restore = () => {
      if (!held || held.element.isConnected || document.activeElement !== document.body) return;
      const { groups } = held;
      held = null;
      for (const { group, index } of groups) {
        if (!group.isConnected) continue;
        const next = group.matches('main') ? group : nearest(group, index);
        // it is near by: the page keeps its place, or goes where something else has brought it
        next?.focus({ preventScroll: true });
        if (next && document.activeElement === next) return;
      }
    };
    // a key that is still down would press what it finds with the focus: the next thing waits for its release
    let isKeyDown = false;
    const keyDown = () => {
      isKeyDown = true;
    };
    const keyUp = () => {
      isKeyDown = false;
      setTimeout(restore);
    };
    const observer = new MutationObserver(() => {
      if (!isKeyDown) restore();
    });
    addEventListener('keydown', keyDown, true);
    addEventListener('keyup', keyUp, true);
    addEventListener('focusin', remember);
    observer.observe(document.body, { childList: true, subtree: true });
    return () => {
      removeEventListener('focusin', remember);
      removeEventListener('keydown', keyDown, true);
      removeEventListener('keyup', keyUp, true);
      observer.disconnect();
    };
  }, []);
}
