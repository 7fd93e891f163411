/**
 * What somebody may do. `own`: read what is of cars of one's own; `tell`: open a complaint of one and say what its driver can tell;
 * `read`: everything there is; `work`: all work at a car, and its record; `setup`: the shop's own settings, its people, its devices.
 */
export const RIGHTS = ['own', 'tell', 'read', 'work', 'setup'] as const;
export type Right = (typeof RIGHTS)[number];

export const ROLES = ['owner', 'technician', 'driver', 'reader'] as const;
export type Role = (typeof ROLES)[number];

const MAY: Readonly<Record<Role, readonly Right[]>> = {
  owner: RIGHTS,
  technician: ['own', 'tell', 'read', 'work'],
  driver: ['own', 'tell'],
  reader: ['own', 'read'],
};

/** Each role as the shop says it, and what it may do in one line. */
export const ROLE_WORDS: Readonly<Record<Role, { label: string; may: string }>> = {
  owner: { label: 'Owner', may: 'everything, people and setup too' },
  technician: { label: 'Technician', may: 'all work, and the record of it' },
  driver: { label: 'Driver', may: 'own cars: tells what is wrong and whether it is cured, and reads' },
  reader: { label: 'Reader', may: 'reads everything, changes nothing' },
};

/** Whether a role has a right. */
export function may(role: Role, right: Right): boolean {
  return MAY[role].includes(right);
}

/** Whether a role reads of every car; a driver only of his own. */
export function seesAll(role: Role): boolean {
  return may(role, 'read');
}
