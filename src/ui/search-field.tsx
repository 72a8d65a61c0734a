import { Search } from 'lucide-react';
import { useId } from 'react';

export interface SearchFieldProps {
  label: string;
  value: string;
  onValue: (value: string) => void;
  className?: string;
}

/** What a list is narrowed to. */
export function SearchField({ label, value, onValue, className = '' }: SearchFieldProps) {
  const id = useId();
  return (
    <div className={className}>
      <label htmlFor={id} className="mb-1 block text-sm text-quiet">
        {label}
      </label>
      <div className="flex min-h-11 items-center gap-2 rounded-md border border-edge bg-panel px-2.5 focus-within:outline-2 focus-within:outline-offset-1 focus-within:outline-action">
        <Search size={18} aria-hidden className="shrink-0 text-quiet" />
        <input
          id={id}
          type="search"
          value={value}
          autoComplete="off"
          onChange={(e) => onValue(e.target.value)}
          onKeyDown={(e) => {
            if (e.key !== 'Escape' || !value) return;
            e.stopPropagation();
            onValue('');
          }}
          className="w-full min-w-0 bg-transparent py-2 text-base focus:outline-none"
        />
      </div>
    </div>
  );
}
