import { FIRST_LOOK, withSchool } from '@/model';
import { prefer, type Preferences } from '@/store';
import { sideNames, STAND_TEXT } from '@/words';
import { usePreferences, useWorkspace } from '../shared/workspace-context';
import { useDerived, useEdit, useStand } from './session';

/** Asked once, at the first slip: the whole difference, or the sky a little brighter. The answer is the usual look from then on. */
export function UsualLookQuestion() {
  const { isDemo } = useWorkspace();
  const isBench = useStand((s) => !!s.bench);
  const isOpen = usePreferences((p) => p.usualLook === null);
  const isPlanned = useDerived((d) => !!d.plan?.seat);
  const school = useStand((s) => s.look.school);
  const { sky } = sideNames(useStand());
  const edit = useEdit();
  if (isDemo || isBench || !isOpen || !isPlanned || school !== FIRST_LOOK) return null;
  const answer = (usualLook: NonNullable<Preferences['usualLook']>) => {
    prefer({ usualLook });
    edit((s) => withSchool(s, usualLook));
  };
  const button =
    'min-h-11 rounded-md border border-edge bg-panel px-2.5 font-semibold hover:bg-chosen active:bg-chosen';
  return (
    <div
      role="group"
      aria-label="How do you like it?"
      className="col-span-2 flex items-center gap-2 border-t border-rule pt-1.5"
    >
      <span className="flex-1 text-sm text-quiet">{STAND_TEXT.askedOnceTakeWhole(sky)}</span>
      <button type="button" className={button} onClick={() => answer('even')}>
        The whole
      </button>
      <button type="button" className={button} onClick={() => answer('natural')}>
        Brighter
      </button>
    </div>
  );
}
