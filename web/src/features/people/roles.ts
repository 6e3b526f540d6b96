import type { Account } from '../../api/types';

/** What each may do, in the words in which it is chosen. */
export const ROLES: Record<Account['role'], string> = {
  OWNER: 'owner: everything, and who may do what',
  ENGINEER: 'engineer: plans, judges, signs, adds devices',
  DRIVER: 'driver or marshal: records, judges nothing',
  VIEWER: 'viewer: looks on',
};
