import { STAND_TEXT } from '@/words';
import { useEffect, useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { type StandDocument } from '@/model';
import { type DocumentStore } from '@/store';
import { useWorkspace } from '../shared/workspace-context';
import { idOfKey } from '../shared/stand-path';
import { openStand, StandContext } from './session';
import { StandScreen } from './stand-screen';

/** One stand: finds it and opens it for as long as it is on the screen. */
export function StandPage() {
  const { id: key = '' } = useParams();
  const id = idOfKey(key);
  const { workspace, base } = useWorkspace();
  const kept = useMemo(() => workspace.open(id), [workspace, id]);
  if (!kept)
    return (
      <div className="max-w-xl space-y-4 p-8">
        <h1 className="text-xl font-semibold">{STAND_TEXT.noSuchStand}</h1>
        <p>{STAND_TEXT.mayBeenDeletedMade}</p>
        <Link
          to={`${base}/stands`}
          className="inline-flex min-h-11 items-center font-semibold text-action underline"
        >
          All stands
        </Link>
      </div>
    );
  return <OpenStand key={id} kept={kept} />;
}

function OpenStand({ kept }: { kept: DocumentStore<StandDocument> }) {
  const { workspace, clients } = useWorkspace();
  const [stand] = useState(() => openStand({ kept, workspace, clients, nowMs: Date.now }));
  useEffect(() => stand.start(), [stand]);
  return (
    <StandContext value={stand}>
      <StandScreen />
    </StandContext>
  );
}
