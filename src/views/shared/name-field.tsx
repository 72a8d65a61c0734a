import { type Parsed, ParsedField } from '@/ui/field';

interface NameFieldProps {
  label?: string;
  name: string | undefined;
  placeholder?: string;
  hint?: string | undefined;
  className?: string;
  /** Longest that is kept, letters. */
  longest?: number;
  onName: (name: string) => void;
}

/** What something is called: any text, cut where it becomes too long. */
export function NameField({ label = 'Name', name, longest = 200, onName, ...rest }: NameFieldProps) {
  return (
    <ParsedField
      {...rest}
      label={label}
      text={name ?? ''}
      parse={(text): Parsed<string> => ({ ok: true, value: text.slice(0, longest) })}
      onValue={onName}
    />
  );
}
