import { useId, useState } from 'react';
import { readLabel } from '@/core/glass';
import { type BagAnswers, bagFromAnswers, filterFromLabel, labelsIn } from '@/model';
import { Button } from '@/ui/button';
import { Segmented } from '@/ui/segmented';
import { labelText, BAG_TEXT } from '@/words';
import { useBag, useNewId, useWorkspace } from '../shared/workspace-context';

/** Marks that are printed on much of what is sold, to be tapped. */
const USUAL: Record<BagAnswers['holds'], readonly string[]> = {
  sheets: [
    '0.6 hard',
    '0.9 hard',
    '0.6 medium',
    '0.9 medium',
    '0.6 soft',
    '0.9 soft',
    '0.9 reverse',
    'ND64',
    'ND1000',
    'CPL',
  ],
  round: ['ND8', 'ND64', 'ND1000', 'CPL', 'ND2-400', 'CPL+ND64'],
};

const SLOTS = ['1', '2', '3'] as const;

/** The first day: three questions make the bag one's own in a minute. */
export function Newcomer() {
  const { workspace } = useWorkspace();
  const newId = useNewId();
  const [holds, setHolds] = useState<BagAnswers['holds']>('sheets');
  const [slots, setSlots] = useState<(typeof SLOTS)[number]>('2');
  const [text, setText] = useState('');
  const labels = labelsIn(text);
  const take = () => {
    const answers = { holds, slots: holds === 'round' ? 0 : Number(slots), labels };
    workspace.bag.edit((before) => bagFromAnswers(answers, before, newId));
  };
  return (
    <section aria-label="Three questions" className="mb-6 space-y-3 rounded-md border border-action p-4">
      <h2 className="text-lg font-semibold">What is yours? Three questions</h2>
      <p className="mb-1 text-sm text-quiet">1. Your filters are</p>
      <Segmented
        label="1. Your filters are"
        value={holds}
        options={[
          { value: 'sheets', text: 'Sheets in a holder' },
          { value: 'round', text: 'Round, on the thread' },
        ]}
        onValue={setHolds}
      />
      {holds === 'sheets' && (
        <>
          <p className="mb-1 text-sm text-quiet">2. Slots of the holder</p>
          <Segmented
            label="2. Slots of the holder"
            value={slots}
            options={SLOTS.map((n) => ({ value: n, text: n }))}
            onValue={setSlots}
          />
        </>
      )}
      <Labels holds={holds} text={text} onText={setText} />
      <Understood labels={labels} />
      <Button kind="action" disabled={!labels.some((l) => readLabel(l).ok)} onClick={take}>
        This is my bag
      </Button>
    </section>
  );
}

interface LabelsProps {
  holds: BagAnswers['holds'];
  text: string;
  onText: (text: string) => void;
}

/** What is printed on the glass, typed or tapped. */
function Labels({ holds, text, onText }: LabelsProps) {
  const id = useId();
  const labels = labelsIn(text);
  const add = (label: string) => onText(text.trim() ? `${text.trim().replace(/,$/, '')}, ${label}` : label);
  return (
    <div>
      <label htmlFor={id} className="mb-1 block text-sm text-quiet">
        {holds === 'sheets' ? '3.' : '2.'} {BAG_TEXT.printedYourGlassAfter}
      </label>
      <textarea
        id={id}
        rows={2}
        value={text}
        spellCheck={false}
        placeholder={USUAL[holds].slice(0, 3).join(', ')}
        className="w-full rounded-md border border-edge bg-panel p-2.5 font-mono"
        onChange={(e) => onText(e.target.value)}
      />
      <div className="mt-1 flex flex-wrap gap-2">
        {USUAL[holds].map((label) => (
          <Button key={label} disabled={labels.includes(label)} onClick={() => add(label)}>
            {label}
          </Button>
        ))}
      </div>
    </div>
  );
}

/** What each label is taken for, before it is taken. */
function Understood({ labels }: { labels: readonly string[] }) {
  const bag = useBag();
  if (!labels.length) return null;
  return (
    <ul aria-label="As understood" aria-live="polite" className="text-sm">
      {labels.map((label, i) => {
        const read = readLabel(label);
        return (
          <li key={i} className={`border-b border-rule py-1 ${read.ok ? '' : 'text-fault'}`}>
            <span className="font-mono font-semibold">{label}</span>{' '}
            {labelText(read, read.ok ? filterFromLabel(read, 'typed', bag) : null)}
            {!read.ok && ' It is left out.'}
          </li>
        );
      })}
    </ul>
  );
}
