import { type Role } from '@/core/field';
import { lastReading, meteredEv, type Reading, readingMinutes } from '@/model';
import { RoleIcon } from '@/ui/role-mark';
import { ageText, stopsFigure, timeText } from '@/words';
import { ROLE_NAMES } from '../roles';
import { useStand } from '../stand-context';
import { useNow } from '../use-now';

interface RoleButtonProps {
  role: Role;
  current: boolean;
  onTap: (role: Role) => void;
}

/** What is read next, as large as a gloved thumb, with what was read of it. */
export function RoleButton({ role, current, onTap }: RoleButtonProps) {
  const { stand } = useStand();
  const now = useNow();
  const reading = lastReading(stand, role);
  return (
    <button
      type="button"
      aria-pressed={current}
      onClick={() => onTap(role)}
      className={`flex min-h-[72px] items-center gap-3 rounded-md border-2 bg-panel px-4 text-left active:bg-chosen ${current ? 'border-action' : 'border-edge'}`}
    >
      <RoleIcon role={role} size={20} />
      <span className="min-w-0">
        <span className="block truncate text-lg font-semibold">
          {role === 'sky' && stand.skyName ? stand.skyName : ROLE_NAMES[role]}
        </span>
        <span className="block truncate text-sm text-quiet">
          {reading ? readText(reading, now) : 'not read yet'}
        </span>
      </span>
    </button>
  );
}

/** What a reading showed, and how long ago: "1/160 · 2 min ago". */
function readText(reading: Reading, now: number): string {
  const { shutter } = reading;
  const shown =
    shutter === undefined
      ? `EV ${stopsFigure(meteredEv(reading))}`
      : typeof shutter === 'string'
        ? shutter
        : timeText(shutter);
  const minutes = readingMinutes(reading, now);
  if (minutes === null) return shown;
  return `${shown} · ${minutes < 1 ? 'just now' : `${ageText(minutes)} ago`}`;
}
