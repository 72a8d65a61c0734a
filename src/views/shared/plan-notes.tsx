import { useId } from 'react';
import { useWorkspace } from './workspace-context';

interface PlanNotesProps {
  label?: string;
  text: string;
  placeholder?: string;
  onText: (text: string) => void;
}

/** Text of more than a line in what is planned; what is written without leaving it is one step of undo. */
export function PlanNotes({ label = 'Notes', text, placeholder, onText }: PlanNotesProps) {
  const id = useId();
  const { workspace } = useWorkspace();
  return (
    <div>
      <label htmlFor={id} className="mb-1 block text-sm text-quiet">
        {label}
      </label>
      <textarea
        id={id}
        value={text}
        placeholder={placeholder}
        rows={3}
        maxLength={5000}
        onFocus={() => workspace.plans.beginGesture()}
        onBlur={() => workspace.plans.endGesture()}
        onChange={(e) => onText(e.target.value)}
        className="w-full rounded-md border border-edge bg-panel px-2.5 py-2 placeholder:text-quiet"
      />
    </div>
  );
}
