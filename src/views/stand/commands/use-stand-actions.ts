import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { speak, useOwnVoice } from '@/ui/voice';
import { slipSentence, COMMANDS_TEXT } from '@/words';
import { useWorkspace } from '../../shared/workspace-context';
import { useFromStand } from '../../shared/use-from-stand';
import { useOpenStand, useStand } from '../session';

/** What can be done with a stand that is no edit of it. */
export interface StandActions {
  /** The slip as a sentence, to the clipboard. */
  readonly copy: () => void;
  /** Null where the device has no voice of its own. */
  readonly readAloud: (() => void) | null;
  /** Null where the platform has no share sheet. */
  readonly share: (() => void) | null;
  /** A copy of the stand, beside it in the list. */
  readonly duplicate: () => void;
  /** Out of the list, and back to it. */
  readonly putAway: () => void;
  readonly remove: () => void;
  /** Goes on to the next framing from the same place. */
  readonly goOn: () => void;
  /** Leads to its card. */
  readonly card: () => void;
  readonly exportFile: () => void;
  /** The stand and its picture in one file. */
  readonly exportBundle: () => Promise<void>;
}

export function useStandActions(): StandActions {
  const {
    kept,
    shown: { slip },
  } = useOpenStand();
  const from = useFromStand(useStand((s) => s.id));
  const voice = useOwnVoice();
  const { base } = useWorkspace();
  const navigate = useNavigate();
  return useMemo(() => {
    const sentence = () => slipSentence(slip.getState());
    const name = () => kept.state.getState().value.stand.name;
    const text = () => `${name()}: ${sentence()}`;
    return {
      copy: () => void copy(text()),
      readAloud: voice ? () => speak(sentence(), voice) : null,
      share: 'share' in navigator ? () => void share(name(), text()) : null,
      ...from,
      duplicate: () => {
        if (from.duplicate()) toast(COMMANDS_TEXT.copyStandsList);
      },
      putAway: () => {
        from.setArchived(true);
        void navigate(`${base}/stands`);
      },
      remove: () => {
        from.remove();
        void navigate(`${base}/stands`);
      },
    };
  }, [kept, slip, voice, from, navigate, base]);
}

async function copy(text: string): Promise<void> {
  try {
    await navigator.clipboard.writeText(text);
    toast('The slip is copied.');
  } catch {
    // without a secure page there is no clipboard: the text can be taken by hand
    toast(COMMANDS_TEXT.copyingNotPossibleSlip, { description: text, duration: 30_000 });
  }
}

async function share(title: string, text: string): Promise<void> {
  try {
    await navigator.share({ title, text });
  } catch (error) {
    if ((error as Error).name !== 'AbortError') await copy(text);
  }
}
