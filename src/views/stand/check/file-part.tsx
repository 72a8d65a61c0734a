import { useEffect, useRef, useState } from 'react';
import { type FileCheck, measuredBy, seenAs, shotOtherwise, type Take, withStand } from '@/model';
import { Button } from '@/ui/button';
import { FilePicker } from '@/ui/file-picker';
import { fileSays, photoFaultText, takeSettingsText, CHECK_TEXT } from '@/words';
import { useWorkspace } from '../../shared/workspace-context';
import { useOpenStand, useStand } from '../session';
import { PHOTO_FILES } from '../../shared/photo-files';
import { takeBack, tellOf } from './tell';

type State =
  | { readonly phase: 'none' | 'reading' }
  | { readonly phase: 'refused'; readonly text: string }
  | { readonly phase: 'read'; readonly name: string; readonly check: FileCheck };

/** The file of the shot, held against its plan: what it says leads by what is robust, and is taken by a tap. */
export function FilePart({ take }: { take: Take }) {
  const { clients } = useWorkspace();
  const open = useOpenStand();
  const told = useStand((s) => seenAs(s, take, 'file'));
  const [state, setState] = useState<State>({ phase: 'none' });
  const workers = useRef<readonly { dispose: () => void }[]>([]);
  useEffect(() => () => workers.current.forEach((w) => w.dispose()), []);
  const read = async (file: File) => {
    setState({ phase: 'reading' });
    workers.current.forEach((w) => w.dispose());
    const [reader, comparer] = [clients.picture(), clients.compare()];
    workers.current = [reader, comparer];
    const refused = (fault: Parameters<typeof photoFaultText>[0]) =>
      setState({ phase: 'refused', text: photoFaultText(fault, file.name) });
    const read = await reader.request({ bytes: await file.arrayBuffer(), name: file.name });
    if (read.type === 'replaced') return;
    if (read.type === 'failed') return refused('failed');
    if (!read.output.ok) return refused(read.output.fault);
    const { lit, bag } = open.answer.getState();
    const held = await comparer.request({ stand: lit, bag, take, photo: read.output.picture });
    if (held.type === 'replaced') return;
    if (held.type === 'failed') return refused('failed');
    setState({ phase: 'read', name: file.name, check: held.output });
  };
  return (
    <section aria-label="The file of the shot" className="space-y-2">
      <FilePicker label="File of the shot" accept={PHOTO_FILES} onFile={(f) => void read(f)}>
        {(pick) => (
          <Button className="w-full" onClick={pick} disabled={state.phase === 'reading'}>
            {state.phase === 'reading' ? 'Reading it…' : CHECK_TEXT.holdFileAgainstPlan}
          </Button>
        )}
      </FilePicker>
      {state.phase === 'refused' && <p role="alert">{state.text}</p>}
      {state.phase === 'read' && <Found take={take} check={state.check} name={state.name} isTaken={!!told} />}
      {told && (
        <p className="flex items-center gap-2 border-l-4 border-action bg-chosen p-2.5">
          <span className="flex-1">{CHECK_TEXT.slipGoesFileSays}</span>
          <Button kind="quiet" onClick={() => takeBack(open, told.id)}>
            Take back
          </Button>
        </p>
      )}
    </section>
  );
}

interface FoundProps {
  readonly take: Take;
  readonly check: FileCheck;
  readonly name: string;
  readonly isTaken: boolean;
}

function Found({ take, check, name, isTaken }: FoundProps) {
  const open = useOpenStand();
  const { comparison, departs } = check;
  const says = fileSays(check);
  const apply = () => {
    if (departs)
      open.kept.record((document) =>
        withStand(document, shotOtherwise(document.stand, take.id, departs), open.ownBag()),
      );
    if (comparison) tellOf(open, { what: 'file', measured: measuredBy(comparison) });
  };
  return (
    <div role="status" className="space-y-1.5 border border-edge p-2.5">
      <p className="text-sm text-quiet">{name}</p>
      {departs && (
        <p className="font-semibold">
          {CHECK_TEXT.madeNotSlipSaid(takeSettingsText({ ...take, exposure: departs }))}
        </p>
      )}
      <ul className="space-y-1">
        {says.map((text) => (
          <li key={text}>{text}</li>
        ))}
      </ul>
      {comparison && !isTaken && (
        <Button kind="action" onClick={apply}>
          Go by it
        </Button>
      )}
    </div>
  );
}
