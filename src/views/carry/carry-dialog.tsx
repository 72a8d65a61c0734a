import { useEffect, useState } from 'react';
import { toast } from 'sonner';
import { type Carried } from '@/store';
import { Button } from '@/ui/button';
import { Dialog } from '@/ui/dialog';
import { saveFile } from '@/ui/save-file';
import { carriedWithoutText, CARRY_TEXT } from '@/words';
import { useFromStand } from '../shared/use-from-stand';
import { useWorkspace } from '../shared/workspace-context';
import { codePng } from './code-cells';
import { QrCode } from './qr-code';

interface CarryDialogProps {
  readonly id: string;
  readonly onClose: () => void;
}

/** A stand as a link and a code that open it on another device; nothing is kept anywhere but in them. */
export function CarryDialog({ id, onClose }: CarryDialogProps) {
  const { workspace } = useWorkspace();
  const { exportFile } = useFromStand(id);
  const [carried, setCarried] = useState<Awaited<ReturnType<typeof workspace.carryStand>>>(null);
  useEffect(() => {
    void workspace.carryStand(id).then(setCarried);
  }, [workspace, id]);
  if (!carried) return null;
  return (
    <Dialog title="Carry to another device" open onClose={onClose}>
      <div className="min-h-0 space-y-4 overflow-y-auto p-5">
        {carried.ok ? (
          <Link {...carried.value} />
        ) : (
          <>
            <p className="text-fault">{carried.error.message}.</p>
            <Button kind="action" onClick={exportFile}>
              Export to a file
            </Button>
          </>
        )}
      </div>
    </Dialog>
  );
}

function Link({ text, without, fitsCode }: Carried) {
  const link = `${location.origin}/carry#${text}`;
  const missing = carriedWithoutText(without);
  return (
    <>
      <p>
        {fitsCode ? CARRY_TEXT.photographCodeOtherDevice : CARRY_TEXT.sendLinkOtherDevice}
        {CARRY_TEXT.opensStandStandLink}
      </p>
      {missing && <p className="text-quiet">{missing}</p>}
      {fitsCode ? <QrCode text={link} /> : <p className="text-quiet">{CARRY_TEXT.tooMuchCodePhotographed}</p>}
      {LOCAL.test(location.hostname) && (
        <p role="note" className="border-l-2 border-action pl-2.5 text-sm">
          {CARRY_TEXT.pageOpenUnderName}
        </p>
      )}
      <label className="block text-sm text-quiet">
        Link, {Math.ceil(link.length / 100) / 10} kB
        <input
          readOnly
          value={link}
          className="mt-1 min-h-11 w-full rounded-md border border-edge bg-panel px-2.5 font-mono text-ink"
          onFocus={(e) => e.currentTarget.select()}
        />
      </label>
      <div className="flex flex-wrap gap-2">
        <Button kind="action" onClick={() => void copy(link)}>
          Copy the link
        </Button>
        {fitsCode && <Button onClick={() => void savePng(link)}>{CARRY_TEXT.saveCodePicture}</Button>}
      </div>
    </>
  );
}

/** Names by which a device calls itself. */
const LOCAL = /^(?:localhost|127\.\d+\.\d+\.\d+|\[::1\])$/;

async function copy(link: string): Promise<void> {
  try {
    await navigator.clipboard.writeText(link);
    toast('The link is copied.');
  } catch {
    // without a secure page there is no clipboard
    toast(CARRY_TEXT.copyingNotPossibleTake);
  }
}

async function savePng(link: string): Promise<void> {
  const bytes = await codePng(link);
  if (bytes) saveFile({ name: 'stand-code.png', bytes });
}
