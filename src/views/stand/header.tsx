import {
  ChevronLeft,
  Copy,
  Download,
  EllipsisVertical,
  HelpCircle,
  ImageDown,
  Layers,
  Moon,
  Printer,
  QrCode,
  Redo2,
  Share2,
  StepForward,
  Sun,
  Volume2,
} from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { useStore } from 'zustand';
import { useCommandState } from '@/ui/commands';
import { namedAs } from '@/model';
import { Menu } from '@/ui/menu';
import { useTheme } from '@/ui/theme';
import { useCompact } from '@/ui/use-media';
import { useDevice, useWorkspace } from '../shared/workspace-context';
import { Saved } from '../shared/saved';
import { UndoRedo } from '../shared/undo-redo';
import { useKept, useEdit, useStand } from './session';
import { useStandActions } from './commands/use-stand-actions';

const CarryDialog = lazy(() => import('../carry/carry-dialog').then((m) => ({ default: m.CarryDialog })));

const TOOL =
  'inline-flex size-11 shrink-0 items-center justify-center rounded-md hover:bg-chosen disabled:opacity-35';

/** The stand's name, whether it is saved, the way back, and what else can be done with it. */
export function Header() {
  const stand = useStand();
  const edit = useEdit();
  const kept = useKept();
  const { base } = useWorkspace();
  const compact = useCompact();
  const isOnline = useDevice((d) => d.isOnline);
  return (
    <header className="flex min-h-12 shrink-0 items-center gap-1 pt-[env(safe-area-inset-top)] compact:px-1 desk:min-h-14">
      <Link
        to={`${base}/stands`}
        aria-label={stand.bench ? 'The bench' : 'All stands'}
        className={`${TOOL} desk:-ml-3`}
      >
        <ChevronLeft size={22} aria-hidden />
      </Link>
      <title>{`${stand.name} · Pale Seam`}</title>
      <h1 className="sr-only">{stand.name}</h1>
      <input
        aria-label="Name of the stand"
        value={stand.name}
        maxLength={200}
        onFocus={() => kept.beginGesture()}
        onBlur={() => {
          const name = namedAs(stand.name);
          // no name is no name: what it was called before stays
          if (name === null) return kept.dropGesture();
          edit((s) => (s.name === name ? s : { ...s, name }));
          kept.endGesture();
        }}
        onChange={(e) => edit((s) => ({ ...s, name: e.target.value }))}
        onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
        className="min-h-11 min-w-0 flex-1 truncate rounded-md bg-transparent px-1 text-xl font-semibold hover:bg-panel compact:text-[17px]"
      />
      {!isOnline && <span className="px-1 text-sm text-quiet desk:hidden">Offline</span>}
      <Saved />
      <UndoRedo kept={kept} hideRedo={compact} />
      <StandMenu />
    </header>
  );
}

/** What stands beside the pages where there is room, and in the menu of a phone. */
function usePhoneItems() {
  const kept = useKept();
  const canRedo = useStore(kept.history, (h) => h.futureStates.length > 0);
  const { home } = useWorkspace();
  const navigate = useNavigate();
  const { theme, toggle } = useTheme();
  const setOpen = useCommandState((s) => s.setOpen);
  const isNoon = theme === 'noon';
  return [
    { text: 'Help', icon: HelpCircle, onSelect: () => setOpen('help') },
    { text: 'Redo', icon: Redo2, isDisabled: !canRedo, onSelect: () => kept.redo() },
    { text: 'Bag', icon: Layers, onSelect: () => void navigate(`${home.base}/bag`) },
    { text: isNoon ? 'Dusk' : 'Noon', icon: isNoon ? Moon : Sun, onSelect: toggle },
  ];
}

function StandMenu() {
  const stand = useStand();
  const compact = useCompact();
  const ofPhone = usePhoneItems();
  const setOpen = useCommandState((s) => s.setOpen);
  const { copy, readAloud, share, goOn, exportFile, exportBundle, card: toCard } = useStandActions();
  const [carries, setCarries] = useState(false);
  const carry = { text: 'Carry to another device', icon: QrCode, run: () => setCarries(true) };
  const card = { text: 'Card to print', icon: Printer, run: toCard };
  // what is practised is carried nowhere
  const tools = stand.bench ? [] : [carry, card];
  return (
    <>
      {!compact &&
        tools.map(({ text, icon: Icon, run }) => (
          <button key={text} type="button" aria-label={text} title={text} className={TOOL} onClick={run}>
            <Icon size={20} aria-hidden />
          </button>
        ))}
      <Menu
        label="More"
        className={TOOL}
        groups={[
          [
            { text: 'Copy the slip', icon: Copy, onSelect: copy },
            ...(readAloud ? [{ text: 'Read the slip aloud', icon: Volume2, onSelect: readAloud }] : []),
            ...(share ? [{ text: 'Share the slip', icon: Share2, onSelect: share }] : []),
          ],
          [
            ...(stand.bench ? [] : [{ text: 'Next stand from here', icon: StepForward, onSelect: goOn }]),
            ...(compact ? tools.map(({ text, icon, run }) => ({ text, icon, onSelect: run })) : []),
            { text: 'Export to a file', icon: Download, onSelect: exportFile },
            ...(stand.picture
              ? [{ text: 'Export with its picture', icon: ImageDown, onSelect: () => void exportBundle() }]
              : []),
          ],
          compact ? ofPhone : [{ text: 'Shortcuts', icon: HelpCircle, onSelect: () => setOpen('shortcuts') }],
        ]}
      >
        <EllipsisVertical size={20} aria-hidden />
      </Menu>
      {carries && (
        <Suspense fallback={null}>
          <CarryDialog id={stand.id} onClose={() => setCarries(false)} />
        </Suspense>
      )}
    </>
  );
}
