import { Layers, Moon, Sun, Telescope } from 'lucide-react';
import { useEffect } from 'react';
import { NavLink, Outlet, useMatch } from 'react-router';
import { toast, Toaster } from 'sonner';
import { Button } from '@/ui/button';
import { useTheme } from '@/ui/theme';
import { useWorkspace, useWorkspaceState } from './workspace-context';

/** The frame round every page: the rail at the side, or at the foot on a phone, and what must be told. */
export function Shell() {
  const { workspace, base } = useWorkspace();
  const phase = useWorkspaceState((s) => s.phase);
  const problem = useWorkspaceState((s) => s.problem);
  const saving = useWorkspaceState((s) => s.saving);
  const notice = useWorkspaceState((s) => s.notice);
  const inStand = useMatch(`${base}/stands/:id`);
  useEffect(() => {
    if (!notice) return;
    toast(notice, { duration: 12_000 });
    workspace.state.setState({ notice: null });
  }, [notice, workspace]);

  return (
    <div className="flex h-full flex-col-reverse md:flex-row">
      <Rail hiddenOnPhone={!!inStand} />
      <main className="relative min-h-0 min-w-0 flex-1">
        {saving === 'failed' && <StorageTrouble problem={problem} />}
        {phase === 'loading' && <p className="p-8 text-quiet">Opening your stands…</p>}
        {phase === 'failed' && <CannotOpen problem={problem} />}
        {phase === 'ready' && <Outlet />}
      </main>
      <Toaster
        position="bottom-center"
        toastOptions={{
          unstyled: true,
          classNames: {
            toast: 'flex items-center gap-4 rounded-md border border-edge bg-ink px-4 py-3 text-panel w-full',
            actionButton:
              'ml-auto min-h-9 rounded px-3 font-semibold text-panel underline underline-offset-4 whitespace-nowrap',
          },
        }}
      />
    </div>
  );
}

function Rail({ hiddenOnPhone }: { hiddenOnPhone: boolean }) {
  const { base } = useWorkspace();
  const { theme, toggle } = useTheme();
  const item =
    'flex min-h-14 flex-1 flex-col items-center justify-center gap-1 rounded-md text-sm text-quiet hover:bg-chosen aria-[current=page]:bg-chosen aria-[current=page]:font-semibold aria-[current=page]:text-ink md:flex-none';
  return (
    <nav
      aria-label="Main"
      className={`shrink-0 gap-1 border-rule bg-ground p-1.5 pb-[max(0.375rem,env(safe-area-inset-bottom))] max-md:border-t md:flex md:w-[76px] md:flex-col md:border-r ${hiddenOnPhone ? 'max-md:hidden' : 'flex'}`}
    >
      <Mark />
      <NavLink to={`${base}/stands`} className={item}>
        <Telescope size={20} aria-hidden />
        Stands
      </NavLink>
      <NavLink to={`${base}/bag`} className={item}>
        <Layers size={20} aria-hidden />
        Bag
      </NavLink>
      <div className="hidden flex-1 md:block" />
      <button type="button" onClick={toggle} className={item}>
        {theme === 'noon' ? <Moon size={20} aria-hidden /> : <Sun size={20} aria-hidden />}
        {theme === 'noon' ? 'Dusk' : 'Noon'}
      </button>
    </nav>
  );
}

/** The product's mark: a sheet of glass with its seam. */
function Mark() {
  return (
    <svg viewBox="0 0 32 32" aria-hidden className="mx-auto my-2 hidden size-8 md:block">
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

function StorageTrouble({ problem }: { problem: string | null }) {
  return (
    <div role="alert" className="border-b border-fault bg-panel px-6 py-2 text-fault">
      The last change is not saved: {problem ?? 'the browser refused to store it'}. It is kept while this page
      stays open. Export your stand to a file, or make room, and change anything to try again.
    </div>
  );
}

function CannotOpen({ problem }: { problem: string | null }) {
  return (
    <div role="alert" className="max-w-xl space-y-4 p-8">
      <h1 className="text-xl font-semibold">Your stands could not be opened</h1>
      <p>{problem ?? 'The browser refused to open its database.'} Nothing has been deleted.</p>
      <Button kind="action" onClick={() => location.reload()}>
        Try again
      </Button>
    </div>
  );
}
