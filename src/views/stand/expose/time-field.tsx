import { shutterFromTyping } from '@/core/units';
import { isWithin } from '@/model';
import { ParsedField } from '@/ui/field';
import { remoteText, timeText } from '@/words';

interface TimeFieldProps {
  label: string;
  seconds: number | undefined;
  placeholder?: string;
  onSeconds: (seconds: number) => void;
}

/** A field for a time that one waits or wants: "4", "1/2", "1:30", "2 min". */
export function TimeField({ label, seconds, placeholder, onSeconds }: TimeFieldProps) {
  return (
    <ParsedField
      label={label}
      inputMode="text"
      {...(placeholder ? { placeholder } : {})}
      text={seconds === undefined ? '' : shown(seconds)}
      parse={parse}
      onValue={onSeconds}
    />
  );
}

const shown = (seconds: number): string => (seconds >= 60 ? remoteText(seconds) : timeText(seconds));

const NOT_A_TIME = { ok: false as const, error: 'A time, as 4, 1/2, 1:30 or 2 min.' };

function parse(text: string) {
  const clock = /^(\d{1,2}):([0-5]?\d)(?::([0-5]?\d))?$/.exec(text.trim());
  const minutes = /^(\d{1,4}(?:[.,]\d{1,2})?) ?min$/.exec(text.trim());
  const typed = shutterFromTyping(text);
  const seconds = clock
    ? clockSeconds(clock)
    : minutes
      ? 60 * Number((minutes[1] as string).replace(',', '.'))
      : typed.ok
        ? wholeIsSeconds(text, typed.seconds)
        : NaN;
  return isWithin('wantedSeconds', seconds) ? { ok: true as const, value: seconds } : NOT_A_TIME;
}

function clockSeconds([, a = '0', b = '0', c]: RegExpExecArray): number {
  return c === undefined ? 60 * Number(a) + Number(b) : 3600 * Number(a) + 60 * Number(b) + Number(c);
}

/** Here a whole number is seconds: nobody waits for 1/30 s. */
const wholeIsSeconds = (text: string, typed: number): number =>
  /^\d+(?:[.,]\d+)?(?: ?s)?$/.test(text.trim()) ? Number.parseFloat(text.replace(',', '.')) : typed;
