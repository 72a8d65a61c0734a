import { lastReading, type MeteredLight, meteredEv, readingMinutes, type ReadRole } from '@/model';
import { ageText, markText, stopsFigure, timeText } from '@/words';
import { READ_ROLE_NAMES } from '../parts/roles';
import { useMinute, useStand } from '../session';
import { ReadRoleIcon } from './read-role-icon';

interface RoleButtonProps {
  role: ReadRole;
  current: boolean;
  onTap: (role: ReadRole) => void;
  className?: string;
}

/** What is read next, as large as a gloved thumb, with what was read of it. */
export function RoleButton({ role, current, onTap, className = 'min-h-[72px]' }: RoleButtonProps) {
  const reading = useStand((s) => lastReading(s, role));
  const skyName = useStand((s) => s.skyName);
  const shown = useMinute((now) => (reading ? readText(reading, now) : 'not read yet'));
  return (
    <button
      type="button"
      aria-pressed={current}
      onClick={() => onTap(role)}
      className={`flex items-center gap-3 rounded-md border-2 bg-panel px-3 text-left ${className} active:bg-chosen ${current ? 'border-action' : 'border-edge'}`}
    >
      <ReadRoleIcon role={role} size={20} />
      <span className="min-w-0">
        <span className="block truncate text-lg font-semibold">
          {(role === 'sky' && skyName) || READ_ROLE_NAMES[role]}
        </span>
        <span className="block truncate text-sm text-quiet">{shown}</span>
      </span>
    </button>
  );
}

/** What a reading showed, and how long ago: "1/160 · 2 min ago". */
function readText(reading: MeteredLight, now: number): string {
  const { shutter } = reading;
  const shown =
    shutter === undefined
      ? `EV ${stopsFigure(meteredEv(reading))}`
      : typeof shutter === 'string'
        ? markText(shutter)
        : timeText(shutter);
  const minutes = readingMinutes(reading, now);
  if (minutes === null) return shown;
  return `${shown} · ${minutes < 1 ? 'now' : `${ageText(minutes)} ago`}`;
}
