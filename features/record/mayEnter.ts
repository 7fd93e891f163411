import { may, type Role } from '@/core/base/people/roles';
import { isDriversAnswer, notDrivers } from '@/core/job/driverTells';
import type { Entry } from '../queue/write';

/** Whether an entry is one that somebody in this role makes; what the server would refuse is not queued. */
export function mayEnter(role: Role, entry: Entry): boolean {
  if (may(role, 'work')) return true;
  if (!may(role, 'tell')) return false;
  switch (entry.kind) {
    case 'answer':
      return isDriversAnswer(entry.body.finding);
    case 'job':
      return notDrivers(Object.keys(entry.body.changes)).length === 0;
    case 'drive_back':
      return true;
    default:
      return false;
  }
}
