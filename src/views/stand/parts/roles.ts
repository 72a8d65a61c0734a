import { type Role, ROLES } from '@/core/field';
import { type ReadRole } from '@/model';

export const ROLE_NAMES: Record<Role, string> = {
  sky: 'Sky',
  land: 'Land',
  water: 'Water',
  feature: 'Feature',
};

/** What can be read, and what it is called. */
export const READ_ROLES: readonly ReadRole[] = [...ROLES, 'through'];
export const READ_ROLE_NAMES: Record<ReadRole, string> = { ...ROLE_NAMES, through: 'All that is on' };

/** The key that chooses what the next reading is of. */
export const ROLE_KEYS: Record<string, ReadRole> = {
  s: 'sky',
  l: 'land',
  w: 'water',
  f: 'feature',
  e: 'through',
};
