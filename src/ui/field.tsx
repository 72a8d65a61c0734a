import { type KeyboardEvent, type ReactNode, useId, useState } from 'react';

/** What a text was understood as, or why it was not. */
export type Parsed<T> =
  | { readonly ok: true; readonly value: T; readonly understood?: string }
  | { readonly ok: false; readonly error: string };

export interface ParsedFieldProps<T> {
  label: string;
  /** The text of the value held outside, shown whenever the field is not being typed in. */
  text: string;
  parse: (text: string) => Parsed<T>;
  onValue: (value: T) => void;
  unit?: string;
  /** What stands before the figure: f/. */
  prefix?: string;
  hint?: ReactNode;
  placeholder?: string;
  className?: string;
  hideLabel?: boolean;
  inputMode?: 'decimal' | 'numeric' | 'text';
  /** Enter in the field, after its value has been taken. */
  onEnter?: () => void;
  /** A fixed id, for a field that is focused from elsewhere. */
  id?: string;
  /** What is typed stays until the field is made anew: for values that are not kept yet. */
  keepDraft?: boolean;
  /** Ready to be typed in as soon as it is there. */
  autoFocus?: boolean;
  /** Arrow keys up and down: the text one step, or with Shift a larger one, from what stands there. */
  step?: (text: string, way: 1 | -1, isLarge: boolean) => string;
  /** A key that means something else while nothing is typed: true where it was used. */
  onKeyWhileEmpty?: (key: string) => boolean;
  /** Told when what is typed cannot be understood. */
  onRefused?: () => void;
}

/**
 * A field that understands what is typed as it is typed: good text is taken at once, bad text says why at the field and
 * changes nothing. Leaving the field shows the value that holds.
 */
export function ParsedField<T>(props: ParsedFieldProps<T>) {
  const ownId = useId();
  const id = props.id ?? ownId;
  const { draft, error, understood, type, leave, onKey } = useDraft(props);
  const below = error ?? understood ?? props.hint;
  return (
    <div className={props.className}>
      <label htmlFor={id} className={props.hideLabel ? 'sr-only' : 'mb-1 block text-sm text-quiet'}>
        {props.label}
      </label>
      <div
        className={`flex min-h-11 items-center rounded-md border bg-panel ${error ? 'border-fault' : 'border-edge'} focus-within:outline-2 focus-within:outline-offset-1 focus-within:outline-action`}
      >
        {props.prefix && <span className="pl-2.5 font-mono text-quiet">{props.prefix}</span>}
        <input
          id={id}
          value={draft ?? props.text}
          placeholder={props.placeholder}
          inputMode={props.inputMode ?? 'text'}
          autoFocus={props.autoFocus ?? false}
          enterKeyHint="done"
          autoComplete="off"
          spellCheck={false}
          aria-invalid={error ? true : undefined}
          aria-describedby={below ? `${id}-below` : undefined}
          className="w-full min-w-0 bg-transparent px-2.5 py-2 font-mono text-base text-ink placeholder:text-quiet focus:outline-none"
          onChange={(e) => type(e.target.value)}
          onBlur={leave}
          onKeyDown={onKey}
        />
        {props.unit && <span className="pr-2.5 text-sm whitespace-nowrap text-quiet">{props.unit}</span>}
      </div>
      {below && (
        <Below id={`${id}-below`} isError={!!error}>
          {below}
        </Below>
      )}
    </div>
  );
}

/** What is being typed, and what becomes of it; null while the value held outside is shown. */
function useDraft<T>(props: ParsedFieldProps<T>) {
  const [draft, setDraft] = useState<string | null>(null);
  const type = (text: string) => {
    setDraft(text);
    const read = props.parse(text);
    if (read.ok) props.onValue(read.value);
    else props.onRefused?.();
  };
  const parsed = draft === null ? null : props.parse(draft);
  const error = parsed && !parsed.ok && draft !== '' ? parsed.error : null;
  const understood = parsed?.ok ? parsed.understood : null;
  const leave = () => {
    if (!error && !props.keepDraft) setDraft(null);
  };
  const onKey = (e: KeyboardEvent<HTMLInputElement>) => {
    const isBare = !e.ctrlKey && !e.metaKey && !e.altKey;
    if (isBare && !e.currentTarget.value && props.onKeyWhileEmpty?.(e.key)) {
      e.preventDefault();
      return;
    }
    const way = e.key === 'ArrowUp' ? 1 : e.key === 'ArrowDown' ? -1 : null;
    if (props.step && way) {
      e.preventDefault();
      type(props.step(e.currentTarget.value, way, e.shiftKey));
    }
    if (e.key === 'Enter' && !error) {
      if (!props.keepDraft) setDraft(null);
      props.onEnter?.();
    }
    if (e.key === 'Escape') {
      e.stopPropagation();
      if (draft === null) e.currentTarget.blur();
      setDraft(null);
    }
  };
  return { draft, error, understood, type, leave, onKey };
}

/** What is understood, what is wrong, or a hint. */
function Below({ id, isError, children }: { id: string; isError: boolean; children: ReactNode }) {
  return (
    <p
      id={id}
      role={isError ? 'alert' : undefined}
      className={`mt-1 text-sm ${isError ? 'text-fault' : 'text-quiet'}`}
    >
      {children}
    </p>
  );
}

export interface ChoiceFieldProps<T extends string> {
  label: string;
  value: T;
  options: readonly (readonly [T, string])[];
  onValue: (value: T) => void;
  className?: string;
}

/** One of a few named values. */
export function ChoiceField<T extends string>({
  label,
  value,
  options,
  onValue,
  className,
}: ChoiceFieldProps<T>) {
  const id = useId();
  return (
    <div className={className}>
      <label htmlFor={id} className="mb-1 block text-sm text-quiet">
        {label}
      </label>
      <select
        id={id}
        value={value}
        onChange={(e) => onValue(e.target.value as T)}
        className="min-h-11 w-full rounded-md border border-edge bg-panel px-2 text-ink"
      >
        {options.map(([key, text]) => (
          <option key={key} value={key}>
            {text}
          </option>
        ))}
      </select>
    </div>
  );
}
