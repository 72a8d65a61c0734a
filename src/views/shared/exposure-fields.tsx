import { ParsedField } from '@/ui/field';
import { parseAperture, parseIso } from './parse';

interface SettingFieldProps {
  hideLabel?: boolean;
  value: number;
  onValue: (value: number) => void;
}

/** An f-number as it stands on the lens. */
export function ApertureField({ value, onValue, hideLabel = false }: SettingFieldProps) {
  return (
    <ParsedField
      label="Aperture"
      hideLabel={hideLabel}
      prefix="f/"
      inputMode="decimal"
      text={String(value)}
      parse={parseAperture}
      onValue={onValue}
    />
  );
}

/** A sensitivity as it stands on the camera. */
export function IsoField({ value, onValue, hideLabel = false }: SettingFieldProps) {
  return (
    <ParsedField
      label="ISO"
      hideLabel={hideLabel}
      inputMode="numeric"
      text={String(value)}
      parse={parseIso}
      onValue={onValue}
    />
  );
}
