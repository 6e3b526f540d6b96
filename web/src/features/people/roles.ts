import type { Account } from '../../api/types';

/** What each may do, in the words in which it is chosen. */
export const ROLES: Record<Account['role'], string> = {
  OWNER: 'owner: everything, and who may do what',
  ENGINEER: 'engineer: plans, judges, signs, adds devices',
  DRIVER: 'driver or marshal: records, judges nothing',
  VIEWER: 'viewer: looks on',
};

/** "owner". */
export const shortRole = (role: Account['role']) => ROLES[role].split(':')[0] ?? '';

/** Who may most stands first. */
export const byRole = (a: Account, b: Account) =>
  Object.keys(ROLES).indexOf(a.role) - Object.keys(ROLES).indexOf(b.role) || a.name.localeCompare(b.name);
