import { ToggleGroup } from 'radix-ui';
import { type ReactNode } from 'react';

export interface SegmentedProps<T extends string> {
  label: string;
  value: T;
  options: readonly { readonly value: T; readonly text: ReactNode }[];
  onValue: (value: T) => void;
}

/** A row of alternatives of which one holds. */
export function Segmented<T extends string>({ label, value, options, onValue }: SegmentedProps<T>) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      value={value}
      onValueChange={(next) => next && onValue(next as T)}
      className="flex overflow-hidden rounded-md border border-edge"
    >
      {options.map((option) => (
        <ToggleGroup.Item
          key={option.value}
          value={option.value}
          className="flex min-h-11 flex-1 items-center justify-center gap-1.5 border-l border-edge bg-panel px-2 first:border-l-0 hover:bg-chosen data-[state=on]:bg-ink data-[state=on]:font-semibold data-[state=on]:text-panel"
        >
          {option.text}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
