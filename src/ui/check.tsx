import { type ReactNode } from 'react';

export interface CheckProps {
  isOn: boolean;
  onChange: (on: boolean) => void;
  /** What holds while it is on. */
  children: ReactNode;
  className?: string;
}

/** Something that holds or does not. */
export function Check({ isOn, onChange, children, className = '' }: CheckProps) {
  return (
    <label className={`flex min-h-11 items-center gap-2.5 ${className}`}>
      <input
        type="checkbox"
        className="size-5 accent-(--action)"
        checked={isOn}
        onChange={(e) => onChange(e.target.checked)}
      />
      {children}
    </label>
  );
}
