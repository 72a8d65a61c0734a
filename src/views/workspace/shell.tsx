import {
  Footprints,
  HelpCircle,
  LampDesk,
  Layers,
  Moon,
  NotebookText,
  Settings,
  Sun,
  Telescope,
} from 'lucide-react';
import { lazy, Suspense, useEffect } from 'react';
import { NavLink, Outlet, useMatch } from 'react-router';
import { toast, Toaster } from 'sonner';
import { useCommandKeys, useCommandState } from '@/ui/commands';
import { useKeepFocus } from '@/ui/keep-focus';
import { Shortcuts } from '@/ui/shortcuts';
import { useTheme } from '@/ui/theme';
import { useCompact } from '@/ui/use-media';
import { useVisibleHeight } from '@/ui/use-visible-height';
import { noticeText, WORKSPACE_TEXT } from '@/words';
import { Banners } from './banners';
import { CannotOpen } from './cannot-open';
import { useShellCommands } from './shell-commands';
import { KEYS_OF_THINGS } from './keys-of-things';
import { useDevice, useWorkspace, useWorkspaceState } from '../shared/workspace-context';

const Palette = lazy(() => import('@/ui/palette'));
const Help = lazy(() => import('./help'));

/** Room for the bar at a phone's foot, and what lies below it. */
const ABOVE_BAR = { bottom: 'calc(4.75rem + env(safe-area-inset-bottom))', left: 12, right: 12 };

/** The frame round every page: the rail at the side, or at the foot on a phone, and what must be told. */
export function Shell() {
  const { workspace, base } = useWorkspace();
  const phase = useWorkspaceState((s) => s.phase);
  const notice = useWorkspaceState((s) => s.notice);
  const inStand = useMatch(`${base}/stands/:id`);
  const open = useCommandState((s) => s.open);
  useVisibleHeight();
  useKeepFocus();
  useShellCommands();
  useCommandKeys();
  useEffect(() => {
    if (!notice) return;
    toast(noticeText(notice), { duration: 12_000 });
    workspace.noticed();
  }, [notice, workspace]);

  return (
    <div className="flex h-full flex-col-reverse desk:flex-row short:flex-row">
      <ToContent />
      <Rail hiddenOnPhone={!!inStand} />
      <main
        id="main"
        tabIndex={-1}
        className="relative flex min-h-0 min-w-0 flex-1 flex-col focus:outline-none"
      >
        <Banners inStand={!!inStand} />
        <div className="relative min-h-0 flex-1">
          {phase === 'loading' && <Opening />}
          {phase === 'failed' && <CannotOpen />}
          {phase === 'ready' && <Outlet />}
        </div>
      </main>
      <Toasts />
      {open === 'palette' && (
        <Suspense>
          <Palette ask={WORKSPACE_TEXT.typeWhatYouWant} none={WORKSPACE_TEXT.nothingGoesByThatName} />
        </Suspense>
      )}
      {open === 'help' && (
        <Suspense>
          <Help />
        </Suspense>
      )}
      {open === 'shortcuts' && <Shortcuts beside={KEYS_OF_THINGS} />}
    </div>
  );
}

/** What is said in passing; on a phone it stands above the bar at the foot, and is swiped away. */
function Toasts() {
  const compact = useCompact();
  return (
    <Toaster
      position="bottom-center"
      {...(compact ? { offset: ABOVE_BAR } : {})}
      mobileOffset={ABOVE_BAR}
      toastOptions={{
        unstyled: true,
        classNames: {
          toast: 'flex items-center gap-4 rounded-md border border-edge bg-ink px-4 py-3 text-panel w-full',
          actionButton:
            'ml-auto min-h-11 rounded px-3 font-semibold text-panel underline underline-offset-4 whitespace-nowrap',
        },
      }}
    />
  );
}

function ToContent() {
  return (
    <a
      href="#main"
      className="absolute -top-20 left-2 z-50 rounded-md bg-ink px-4 py-3 text-panel focus:top-2"
      onClick={(e) => {
        e.preventDefault();
        document.getElementById('main')?.focus();
      }}
    >
      To the content
    </a>
  );
}

/** Said only when it takes its time: a flash of words is worse than none. */
function Opening() {
  return (
    <div role="status" className="appear-late space-y-3 p-8 text-quiet">
      <p>Opening your stands…</p>
      <progress className="h-1.5 w-48 accent-(--action)" aria-label="Opening" />
    </div>
  );
}

function Rail({ hiddenOnPhone }: { hiddenOnPhone: boolean }) {
  const {
    home: { base },
  } = useWorkspace();
  const { theme, toggle } = useTheme();
  const setOpen = useCommandState((s) => s.setOpen);
  const isOnline = useDevice((d) => d.isOnline);
  const item =
    'flex min-h-14 flex-1 flex-col items-center justify-center gap-1 rounded-md text-sm text-quiet hover:bg-chosen aria-[current=page]:bg-chosen aria-[current=page]:font-semibold aria-[current=page]:text-ink desk:flex-none';
  return (
    <nav
      aria-label="Main"
      className={`shrink-0 gap-1 border-rule bg-ground p-1.5 pb-[max(0.375rem,env(safe-area-inset-bottom))] pl-[max(0.375rem,env(safe-area-inset-left))] compact:border-t desk:flex desk:w-[76px] desk:flex-col desk:border-r short:w-[76px] short:flex-col short:overflow-y-auto short:border-t-0 short:border-r ${hiddenOnPhone ? 'compact:hidden' : 'flex'}`}
    >
      <Mark />
      <NavLink to={`${base}/stands`} className={item}>
        <Telescope size={20} aria-hidden />
        Stands
      </NavLink>
      <NavLink to={`${base}/outings`} className={item}>
        <Footprints size={20} aria-hidden />
        Outings
      </NavLink>
      <NavLink to={`${base}/bag`} className={item}>
        <Layers size={20} aria-hidden />
        Bag
      </NavLink>
      <NavLink to={`${base}/ledger`} className={item}>
        <NotebookText size={20} aria-hidden />
        Ledger
      </NavLink>
      <NavLink to={`${base}/bench`} className={item}>
        <LampDesk size={20} aria-hidden />
        Bench
      </NavLink>
      <div className="hidden flex-1 desk:block" />
      {!isOnline && (
        <p className="self-center px-1 py-1 text-center text-sm text-quiet" role="status">
          Offline
        </p>
      )}
      <button type="button" onClick={toggle} className={`${item} compact:hidden`}>
        {theme === 'noon' ? <Moon size={20} aria-hidden /> : <Sun size={20} aria-hidden />}
        {theme === 'noon' ? 'Dusk' : 'Noon'}
      </button>
      <button type="button" onClick={() => setOpen('help')} className={item}>
        <HelpCircle size={20} aria-hidden />
        Help
      </button>
      <NavLink to={`${base}/settings`} className={item}>
        <Settings size={20} aria-hidden />
        Settings
      </NavLink>
    </nav>
  );
}

/** The product's mark: a sheet of glass with its seam. */
function Mark() {
  return (
    <svg viewBox="0 0 32 32" aria-hidden className="mx-auto my-2 hidden size-8 desk:block">
      <rect
        x="5"
        y="2"
        width="22"
        height="28"
        rx="3"
        fill="var(--panel)"
        stroke="var(--ink)"
        strokeWidth="2"
      />
      <path d="M6 5a2 2 0 0 1 2-2h16a2 2 0 0 1 2 2v12H6z" fill="var(--ink)" />
      <path d="M1 17h30" stroke="var(--seam-ink)" strokeWidth="4" />
      <path d="M1 17h30" stroke="var(--seam)" strokeWidth="2.4" />
    </svg>
  );
}
