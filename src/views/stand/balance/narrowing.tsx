import { type Glass } from '@/model';
import { holds, type Narrow, type Narrowed, NARROWS } from './narrow';

interface NarrowingProps {
  readonly glasses: readonly Glass[];
  readonly value: Narrowed;
  readonly onValue: (value: Narrowed) => void;
}

/** Narrows the rows down, where that would tell them apart. */
export function Narrowing({ glasses, value, onValue }: NarrowingProps) {
  const telling = (Object.keys(NARROWS) as Narrow[]).filter((n) => {
    const count = glasses.filter((g) => holds(n, g)).length;
    return value.includes(n) || (count > 0 && count < glasses.length);
  });
  if (!telling.length) return null;
  const others: Readonly<Partial<Record<Narrow, Narrow>>> = { hard: 'soft', soft: 'hard' };
  return (
    <div role="group" aria-label="Show only" className="my-2 flex flex-wrap gap-2">
      {telling.map((n) => {
        const isOn = value.includes(n);
        return (
          <button
            key={n}
            type="button"
            aria-pressed={isOn}
            className="min-h-11 rounded-full border border-edge bg-panel px-4 text-sm hover:bg-chosen aria-pressed:border-ink aria-pressed:bg-ink aria-pressed:text-panel"
            onClick={() =>
              onValue(isOn ? value.filter((v) => v !== n) : [...value.filter((v) => v !== others[n]), n])
            }
          >
            {NARROWS[n].text}
          </button>
        );
      })}
    </div>
  );
}
