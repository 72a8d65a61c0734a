import { type Role } from '@/core/field';

export const ROLE_NAMES: Record<Role, string> = {
  sky: 'Sky',
  land: 'Land',
  water: 'Water',
  feature: 'Feature',
};

/** The key that chooses each role for the next reading. */
export const ROLE_KEYS: Record<string, Role> = { s: 'sky', l: 'land', w: 'water', f: 'feature' };
