import { Maximize } from 'lucide-react';
import { type ReadRole } from '@/model';
import { RoleIcon } from '@/ui/role-mark';

/** The mark of what can be read: a role's own, or corners round the whole scene. */
export function ReadRoleIcon({ role, size = 16 }: { role: ReadRole; size?: number }) {
  return role === 'through' ? (
    <Maximize size={size} aria-hidden className="shrink-0" />
  ) : (
    <RoleIcon role={role} size={size} />
  );
}
