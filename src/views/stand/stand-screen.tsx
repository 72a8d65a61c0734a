import { ChevronLeft, Download, Redo2, Undo2 } from 'lucide-react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link } from 'react-router';
import { useStore } from 'zustand';
import { useWorkspace, useWorkspaceState } from '../shell/workspace-context';
import { FrameView } from './picture/frame-view';
import { LadderView } from './ladder-view';
import { SlipView } from './slip-view';
import { KEYS, STEPS, useStand } from './stand-context';
import { saveFile } from './save-file';
import { Worksheet } from './worksheet';

/** The whole stand on one screen: frame, ladder and slip, with the worksheet beside them. */
export function StandScreen() {
  const { setStep, document, setBare } = useStand();
  useHotkeys(
    STEPS.map((_, i) => String(i + 1)),
    (_, { keys }) => {
      const step = STEPS[Number(keys?.join('')) - 1];
      if (step) setStep(step);
    },
    KEYS,
  );
  useHotkeys('mod+z', () => document.undo(), { ...KEYS, preventDefault: true });
  useHotkeys(['mod+shift+z', 'mod+y'], () => document.redo(), { ...KEYS, preventDefault: true });
  useHotkeys('b', () => setBare(true), { ...KEYS, keydown: true });
  useHotkeys('b', () => setBare(false), { ...KEYS, keyup: true, keydown: false });
  return (
    <div className="flex h-full flex-col md:grid md:grid-cols-[minmax(0,1fr)_minmax(340px,414px)]">
      <div className="flex min-h-0 min-w-0 flex-col md:px-6">
        <Header />
        <FrameView />
        <LadderView />
        <SlipView />
      </div>
      <Worksheet />
    </div>
  );
}

function Header() {
  const { stand, edit, document } = useStand();
  const { workspace, base } = useWorkspace();
  const saving = useWorkspaceState((s) => s.saving);
  const canUndo = useStore(document.history, (h) => h.pastStates.length > 0);
  const canRedo = useStore(document.history, (h) => h.futureStates.length > 0);
  const tool =
    'inline-flex size-11 items-center justify-center rounded-md hover:bg-chosen disabled:opacity-35';
  const exportFile = () => {
    const file = workspace.exportStand(stand.id);
    if (file) saveFile(file.name, file.text);
  };
  return (
    <header className="flex min-h-14 items-center gap-1 max-md:px-1">
      <Link to={`${base}/stands`} aria-label="All stands" className={`${tool} md:-ml-3`}>
        <ChevronLeft size={22} aria-hidden />
      </Link>
      <title>{`${stand.name} · Pale Seam`}</title>
      <h1 className="sr-only">{stand.name}</h1>
      <input
        aria-label="Name of the stand"
        value={stand.name}
        maxLength={200}
        onFocus={() => document.beginGesture()}
        onBlur={() => document.endGesture()}
        onChange={(e) => edit((s) => ({ ...s, name: e.target.value }))}
        onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
        className="min-h-11 min-w-0 flex-1 truncate rounded-md bg-transparent px-1 text-xl font-semibold hover:bg-panel"
      />
      <span role="status" className="px-2 text-sm text-quiet max-md:sr-only">
        {saving === 'saved' ? 'Saved' : saving === 'saving' ? 'Saving…' : 'Not saved'}
      </span>
      <button
        type="button"
        className={tool}
        aria-label="Undo"
        title="Undo"
        disabled={!canUndo}
        onClick={() => document.undo()}
      >
        <Undo2 size={20} aria-hidden />
      </button>
      <button
        type="button"
        className={tool}
        aria-label="Redo"
        title="Redo"
        disabled={!canRedo}
        onClick={() => document.redo()}
      >
        <Redo2 size={20} aria-hidden />
      </button>
      <button
        type="button"
        className={tool}
        aria-label="Export to a file"
        title="Export to a file"
        onClick={exportFile}
      >
        <Download size={20} aria-hidden />
      </button>
    </header>
  );
}
