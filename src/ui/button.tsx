import { type ButtonHTMLAttributes } from 'react';

const KINDS = {
  /** The one thing to do here. */
  action: 'bg-action text-on-action font-semibold border border-action hover:brightness-110',
  /** Anything else that can be done. */
  plain: 'bg-panel text-ink border border-edge hover:bg-chosen',
  /** Beside a line of text or in a list. */
  quiet: 'text-ink border border-transparent hover:bg-chosen',
} as const;

export interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  kind?: keyof typeof KINDS;
}

/** A button with a verb on it, 44 px high at least. */
export function Button({ kind = 'plain', className = '', ...rest }: ButtonProps) {
  return (
    <button
      type="button"
      className={`inline-flex min-h-11 items-center justify-center gap-2 rounded-md px-3.5 disabled:opacity-50 ${KINDS[kind]} ${className}`}
      {...rest}
    />
  );
}
