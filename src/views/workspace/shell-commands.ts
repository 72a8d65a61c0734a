import { WORKSPACE_TEXT } from '@/words';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { type Command, useCommands, useCommandState } from '@/ui/commands';
import { useTheme } from '@/ui/theme';
import { saveBackup } from '../shared/save';
import { standKey } from '../shared/stand-path';
import { useWorkspace, useWorkspaceState } from '../shared/workspace-context';

/** What can be done from everywhere: go to a page or a stand, begin one, back up, change the theme. */
export function useShellCommands(): void {
  const { base, home } = useWorkspace();
  const navigate = useNavigate();
  const stands = useWorkspaceState((s) => s.stands);
  const toggle = useTheme((t) => t.toggle);
  const setOpen = useCommandState((s) => s.setOpen);

  const everywhere = useMemo((): Command[] => {
    const go = (path: string) => () => void navigate(`${home.base}/${path}`);
    return [
      {
        name: 'Everything that can be done',
        keys: 'Ctrl K',
        inFields: true,
        run: () => setOpen('palette'),
      },
      { name: 'Shortcuts', keys: '?', also: 'help keys', run: () => setOpen('shortcuts') },
      { name: 'Help', also: 'words meaning glossary', run: () => setOpen('help') },
      { name: 'Stands', also: 'go to list', run: go('stands') },
      { name: 'Outings', also: WORKSPACE_TEXT.goPlanTideSun, run: go('outings') },
      { name: 'Bag', also: WORKSPACE_TEXT.goFiltersGlassLenses, run: go('bag') },
      { name: 'Ledger', also: WORKSPACE_TEXT.goShotsTakesLearnt, run: go('ledger') },
      { name: 'Bench', also: WORKSPACE_TEXT.goPractiseExercisesSimulated, run: go('bench') },
      { name: 'Settings', also: 'go to theme place storage', run: go('settings') },
      {
        name: 'Begin a new stand',
        also: 'create',
        run: () => go(`stands/${standKey(home.workspace.createStand())}`)(),
      },
      { name: 'Noon or Dusk', also: 'theme dark light night', run: toggle },
      {
        name: WORKSPACE_TEXT.backUpEverythingFile,
        also: 'save export',
        run: () => void home.workspace.backupWithPhotos().then(saveBackup),
      },
    ];
  }, [home, navigate, setOpen, toggle]);

  const open = useMemo(
    () =>
      stands.map(({ id, document: kept }) => ({
        name: kept.stand.name || 'without a name',
        also: 'open stand',
        run: () => void navigate(`${base}/stands/${standKey(id)}`),
      })),
    [base, navigate, stands],
  );
  useCommands('Stands', open);
  useCommands('Everywhere', everywhere);
}
