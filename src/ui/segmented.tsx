import { ToggleGroup } from 'radix-ui';
import { type ReactNode } from 'react';

export interface SegmentedProps<T extends string> {
  label: string;
  value: T;
  options: readonly { readonly value: T; readonly text: ReactNode }[];
  onValue: (value: T) => void;
  /** Alternatives to a row where one row would be too long; absent: all in one. */
  columns?: number;
  /** Widths of the columns where they are not alike, as a grid takes them. */
  template?: string;
}

/** Alternatives of which one holds. */
export function Segmented<T extends string>({
  label,
  value,
  options,
  onValue,
  columns,
  template,
}: SegmentedProps<T>) {
  // the last one fills its row
  const gaps = columns ? (columns - (options.length % columns)) % columns : 0;
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      value={value}
      onValueChange={(next) => next && onValue(next as T)}
      className="grid gap-px overflow-hidden rounded-md border border-edge bg-edge"
      style={{ gridTemplateColumns: template ?? `repeat(${columns ?? options.length}, minmax(0, 1fr))` }}
    >
      {options.map((option, i) => (
        <ToggleGroup.Item
          key={option.value}
          value={option.value}
          style={i === options.length - 1 ? { gridColumnEnd: `span ${1 + gaps}` } : undefined}
          className="flex min-h-11 items-center justify-center gap-1.5 bg-panel px-2 hover:bg-chosen data-[state=on]:bg-ink data-[state=on]:font-semibold data-[state=on]:text-panel"
        >
          {option.text}
        </ToggleGroup.Item>
      ))}
    </ToggleGroup.Root>
  );
}
