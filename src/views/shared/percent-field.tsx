import { ParsedField } from '@/ui/field';
import { parsePercent, percentFigure } from './parse';

interface PercentFieldProps {
  label: string;
  unit?: string;
  className?: string;
  hideLabel?: boolean;
  /** A part of the whole, 0 to 1. */
  value: number;
  onValue: (value: number) => void;
}

/** A part of something, typed in per cent. */
export function PercentField({ value, unit = '%', ...rest }: PercentFieldProps) {
  return (
    <ParsedField {...rest} unit={unit} inputMode="decimal" text={percentFigure(value)} parse={parsePercent} />
  );
}
