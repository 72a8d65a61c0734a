import { OUTINGS_TEXT } from '@/words';
import { Copy, Download, EllipsisVertical, Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { toast } from 'sonner';
import { newOuting, type Outing, outingAgain, putOuting, removeOuting, restoreOuting } from '@/model/outing';
import { dayOf } from '@/model/outing';
import { Button } from '@/ui/button';
import { Menu } from '@/ui/menu';
import { outingDayText, outingName } from '@/words/outing';
import { PageHead } from '../shared/page-head';
import { saveOrSay } from '../shared/save';
import { standKey } from '../shared/stand-path';
import { UndoRedo } from '../shared/undo-redo';
import { usePlans, usePlansEdit } from '../shared/use-plans';
import { useNewId, usePreferences, useWorkspace } from '../shared/workspace-context';
import { PlaceList } from './place-list';

/** The zone that this device goes by. */
const ownZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone;

/** All outings, those to come first, and the places of one's own. */
export function OutingsPage() {
  const { workspace, base } = useWorkspace();
  const outings = usePlans((p) => p.outings);
  const edit = usePlansEdit();
  const newId = useNewId();
  const navigate = useNavigate();
  const place = usePreferences((p) => p.place);
  const [nowMs] = useState(() => Date.now());
  const today = dayOf(nowMs, ownZone());
  const begin = () => {
    const id = newId('o');
    const made = newOuting({
      id,
      name: '',
      createdAt: new Date().toISOString(),
      day: dayOf(Date.now() + 86_400_000, ownZone()),
      zone: ownZone(),
    });
    edit((plans) => putOuting(plans, place ? { ...made, place } : made));
    void navigate(`${base}/outings/${standKey(id)}`);
  };
  const sorted = outings.toSorted((a, b) => (a.day < b.day ? -1 : 1));
  const coming = sorted.filter((o) => o.day >= today);
  const gone = sorted.filter((o) => o.day < today).toReversed();
  return (
    <div className="relative h-full overflow-y-auto">
      <title>Outings · Pale Seam</title>
      <div className="mx-auto max-w-4xl px-4 py-5 desk:px-8 desk:py-6">
        <PageHead title="Outings">
          <UndoRedo kept={workspace.plans} />
          <Button kind="action" onClick={begin}>
            <Plus size={18} aria-hidden /> New outing
          </Button>
        </PageHead>
        {outings.length === 0 && (
          <p className="max-w-xl border-t border-rule pt-5 text-lg">{OUTINGS_TEXT.outingDayPlaceSun}</p>
        )}
        <OutingList title="To come" outings={coming} />
        <OutingList title="Gone by" outings={gone} />
        <PlaceList />
      </div>
    </div>
  );
}

function OutingList({ title, outings }: { title: string; outings: readonly Outing[] }) {
  if (!outings.length) return null;
  return (
    <section aria-label={title} className="mb-6">
      <h2 className="mb-1 text-sm text-quiet">{title}</h2>
      <ul className="border-t border-rule">
        {outings.map((outing) => (
          <OutingRow key={outing.id} outing={outing} />
        ))}
      </ul>
    </section>
  );
}

/** What is done with an outing as a whole. */
function useOutingDeeds(outing: Outing) {
  const { workspace, base } = useWorkspace();
  const index = usePlans((p) => p.outings.findIndex((o) => o.id === outing.id));
  const edit = usePlansEdit();
  const newId = useNewId();
  const navigate = useNavigate();
  return {
    again: () => {
      const id = newId('o');
      const day = dayOf(Date.now() + 86_400_000, outing.zone);
      const made = { id, name: outing.name, createdAt: new Date().toISOString(), day };
      edit((plans) => putOuting(plans, outingAgain(outing, made)));
      void navigate(`${base}/outings/${standKey(id)}`);
    },
    save: () => {
      const file = workspace.exportOuting(outing.id);
      if (file) saveOrSay(file);
    },
    remove: () => {
      edit((plans) => removeOuting(plans, outing.id));
      toast(`${outingName(outing)} is gone.`, {
        action: { label: 'Undo', onClick: () => edit((plans) => restoreOuting(plans, outing, index)) },
        duration: 10_000,
      });
    },
  };
}

function OutingRow({ outing }: { outing: Outing }) {
  const { base } = useWorkspace();
  const { again, save, remove } = useOutingDeeds(outing);
  const name = outingName(outing);
  const count = outing.framings.length;
  return (
    <li className="flex items-center border-b border-rule hover:bg-chosen">
      <Link
        to={`${base}/outings/${standKey(outing.id)}`}
        className="flex min-h-16 min-w-0 flex-1 flex-col justify-center px-2 py-2"
      >
        <span className="truncate text-lg font-semibold">{name}</span>
        <span className="text-quiet">
          {outingDayText(outing.day)} · {count === 1 ? 'one framing' : `${count} framings`}
          {!outing.place && ' · no place yet'}
        </span>
      </Link>
      <Menu
        label={`More for ${name}`}
        className="inline-flex size-11 shrink-0 items-center justify-center rounded-md hover:bg-chosen"
        groups={[
          [
            { text: 'On another day', icon: Copy, onSelect: again },
            { text: 'Save as a file', icon: Download, onSelect: save },
          ],
          [{ text: 'Delete', icon: Trash2, onSelect: remove }],
        ]}
      >
        <EllipsisVertical size={20} aria-hidden />
      </Menu>
    </li>
  );
}
