import { FRAME_TEXT } from '@/words';
import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import { MAX_NOTES } from '@/model';
import { Button } from '@/ui/button';
import { useEdit, useStand } from '../session';

/** What is to be kept out of the frame, a thing a line: looked through before the shutter goes. */
export function LeaveOut() {
  const stand = useStand();
  const edit = useEdit();
  const [draft, setDraft] = useState('');
  const things = stand.leaveOut ?? [];
  const set = (leaveOut: readonly string[]) =>
    edit(({ leaveOut: _, ...s }) => (leaveOut.length ? { ...s, leaveOut } : s));
  const add = () => {
    if (!draft.trim() || things.length >= MAX_NOTES) return;
    set([...things, draft.trim()]);
    setDraft('');
  };
  return (
    <fieldset>
      <legend className="font-semibold">Leave out of the frame</legend>
      <ul>
        {things.map((thing, i) => (
          <li key={i} className="flex items-center gap-2">
            <span className="flex-1">{thing}</span>
            <Button
              kind="quiet"
              className="w-11 !px-0"
              aria-label={`Take “${thing}” off the list`}
              onClick={() => set(things.filter((_, k) => k !== i))}
            >
              <X size={18} aria-hidden />
            </Button>
          </li>
        ))}
      </ul>
      <form
        className="flex gap-2"
        onSubmit={(e) => {
          e.preventDefault();
          add();
        }}
      >
        <input
          value={draft}
          maxLength={200}
          onChange={(e) => setDraft(e.target.value)}
          placeholder={FRAME_TEXT.mastLeftRidge}
          aria-label="Something to leave out"
          className="min-h-11 min-w-0 flex-1 rounded-md border border-edge bg-panel px-2.5"
        />
        <Button type="submit" disabled={!draft.trim()}>
          <Plus size={18} aria-hidden /> Add
        </Button>
      </form>
    </fieldset>
  );
}
