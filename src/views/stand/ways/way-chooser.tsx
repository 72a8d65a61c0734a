import { type ReactNode } from 'react';
import { filtersAtHand, type Way } from '@/model';
import { filterName, WAYS_TEXT } from '@/words';
import { Link } from 'react-router';
import { useWorkspace } from '../../shared/workspace-context';
import { useEdit, useSession, useStandBag } from '../session';

interface WayWords {
  readonly way: Way;
  readonly title: string;
  readonly gives: string;
  readonly drawing: ReactNode;
}

/** The ways in, drawn by what is done: two spots metered, a sheet laid on, a time through glass, a picture. */
const WAYS_IN: readonly WayWords[] = [
  {
    way: 'meter',
    title: 'I meter sky and land',
    gives: WAYS_TEXT.twoReadingsSheetWhere,
    drawing: (
      <>
        <circle cx="32" cy="16" r="9" fill="none" stroke="var(--sky)" strokeWidth="4" />
        <path d="M4 33H60" />
        <rect x="23" y="41" width="18" height="18" fill="var(--land)" stroke="none" />
      </>
    ),
  },
  {
    way: 'sheet',
    title: 'A sheet is on already',
    gives: WAYS_TEXT.seatTimeYourCamera,
    drawing: (
      <>
        <path d="M14 4H50V30H14z" fill="var(--quiet)" stroke="none" />
        <rect x="14" y="4" width="36" height="56" />
        <path d="M4 33H60" stroke="var(--seam-ink)" strokeWidth="5" />
        <path d="M4 33H60" stroke="var(--seam)" strokeWidth="3" />
      </>
    ),
  },
  {
    way: 'time',
    title: 'I only want a time',
    gives: WAYS_TEXT.readingEveryNdYou,
    drawing: (
      <>
        <rect x="14" y="4" width="36" height="40" fill="var(--quiet)" />
        <path d="M14 56H50M14 51V61M50 51V61" />
      </>
    ),
  },
  {
    way: 'picture',
    title: 'I have a picture',
    gives: WAYS_TEXT.takeNowChooseTime,
    drawing: (
      <>
        <rect x="4" y="12" width="56" height="40" />
        <path d="M4 44L22 28L32 38L44 22L60 38" fill="none" />
      </>
    ),
  },
];

/** What an empty stand asks, once: how the photographer begins. Each way can be joined by the others later. */
export function WayChooser() {
  const edit = useEdit();
  const setStep = useSession((s) => s.setStep);
  const setDraft = useSession((s) => s.setDraft);
  const begin = (way: Way) => {
    edit((s) => ({ ...s, way }));
    setDraft({ role: way === 'meter' ? 'land' : 'through' });
    setStep('read');
  };
  return (
    <section aria-labelledby="ways-in" className="space-y-3 py-1">
      <h2 id="ways-in" className="text-xl font-semibold">
        How do you begin?
      </h2>
      {WAYS_IN.map(({ way, title, gives, drawing }) => (
        <button
          key={way}
          type="button"
          className="flex min-h-24 w-full items-center gap-5 rounded-md border border-edge bg-panel px-4 py-3 text-left hover:bg-chosen active:bg-chosen"
          onClick={() => begin(way)}
        >
          <svg
            viewBox="0 0 64 64"
            aria-hidden
            className="size-14 shrink-0 fill-none stroke-ink"
            strokeWidth={2.5}
          >
            {drawing}
          </svg>
          <span>
            <span className="block text-lg font-semibold">{title}</span>
            <span className="block text-quiet">{gives}</span>
          </span>
        </button>
      ))}
      <AlongToday />
    </section>
  );
}

/** What the advice will be made from, and where that is changed. */
function AlongToday() {
  const { base } = useWorkspace();
  const bag = useStandBag();
  const along = filtersAtHand(bag).map(filterName);
  return (
    <div className="text-sm text-quiet">
      <p>{WAYS_TEXT.eachCanJoinedOthers}</p>
      <p>
        {bag.assumed ? 'Assumed to be along' : 'Glass along today'}: {along.join(' · ') || 'none'}
      </p>
      <Link
        to={`${base}/bag`}
        className="inline-flex min-h-11 items-center font-semibold text-action underline underline-offset-4"
      >
        {bag.assumed ? 'Say what is yours' : 'Change it'}
      </Link>
    </div>
  );
}
