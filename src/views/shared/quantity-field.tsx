import { type ReactNode } from 'react';
import { type Quantity } from '@/model';
import { ParsedField } from '@/ui/field';
import { parseAperture, parseQuantity } from './parse';

interface Common {
  label: string;
  quantity: Quantity;
  unit?: string;
  hint?: ReactNode;
  placeholder?: string;
  /** What else a value must keep to: the sentence that refuses it, or null. */
  refuse?: (value: number) => string | null;
}

export type QuantityFieldProps = Common &
  (
    | { value: number; onValue: (value: number) => void; optional?: false }
    | { value: number | undefined; onValue: (value: number | undefined) => void; optional: true }
  );

/** A field for a number of some quantity; where it is optional, nothing stands for "not known". */
export function QuantityField(props: QuantityFieldProps) {
  const { label, quantity, unit, hint, placeholder, refuse } = props;
  const isAperture = quantity === 'aperture';
  const parse = isAperture ? parseAperture : parseQuantity(quantity);
  const checked = (text: string) => {
    const read = parse(text);
    const refusal = read.ok ? refuse?.(read.value) : null;
    return refusal ? { ok: false as const, error: refusal } : read;
  };
  const shared = {
    label,
    inputMode: 'decimal' as const,
    ...(isAperture ? { prefix: 'f/' } : unit ? { unit } : {}),
    hint,
  };
  if (!props.optional)
    return <ParsedField {...shared} text={String(props.value)} parse={checked} onValue={props.onValue} />;
  return (
    <ParsedField<number | undefined>
      {...shared}
      {...(placeholder ? { placeholder } : {})}
      text={props.value === undefined ? '' : String(props.value)}
      parse={(text) => (text.trim() === '' ? { ok: true as const, value: undefined } : checked(text))}
      onValue={props.onValue}
    />
  );
}
